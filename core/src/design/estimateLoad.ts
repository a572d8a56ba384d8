import { message } from '../messages/message'
import { CoreError } from '../errors'
import type { LoadClass, WorkKind } from '../recipe/recipeQuery'

/** Upper bounds of the load classes in stitches per cm2 (craft.md section 5). */
const bounds: readonly (readonly [LoadClass, number])[] = [
  ['outline', 15],
  ['light', 45],
  ['medium', 100],
]

export function loadClassOf(stitchesPerCm2: number): LoadClass {
  return bounds.find(([, below]) => stitchesPerCm2 < below)?.[0] ?? 'dense'
}

/** How much of its box is stitched, by kind of work (core.md section 7). */
const stitchedShare: Readonly<Record<WorkKind, number>> = {
  fill: 0.7,
  satin: 0.5,
  wording: 0.4,
  applique: 0.3,
  line: 0.25,
}

/**
 * Load of a design known only by its size and stitch count: stitches over the share of the box that its kind of work
 * usually covers. Always an estimate.
 *
 * @param size millimetres
 * @throws CoreError('bad-design') when a number is not above zero
 * @example estimateLoad({ width: 84, height: 62 }, 3100) // { mean: 85.0, loadClass: 'medium' }
 */
export function estimateLoad(
  size: { width: number; height: number },
  stitches: number,
  kind: WorkKind = 'fill',
): { mean: number; loadClass: LoadClass } {
  const area = (size.width * size.height * stitchedShare[kind]) / 100
  if (!(area > 0 && stitches > 0 && Number.isFinite(area + stitches))) {
    throw new CoreError('bad-design', message('problem.the-load-needs-a-size'), 'design')
  }
  const mean = stitches / area
  return { mean, loadClass: loadClassOf(mean) }
}

/** What a design of each class usually has, in stitches per cm2: the middle of its bounds. */
const usualLoad: Readonly<Record<LoadClass, number>> = { outline: 10, light: 30, medium: 70, dense: 120 }

/**
 * How many stitches a design known only by its size may have: what its class usually has on the share of the box that its
 * kind of work covers. For a forecast where nothing better is known; always an estimate.
 *
 * @param size millimetres
 * @returns a whole number, at least 1
 * @example guessStitches({ width: 84, height: 62 }, 'medium', 'fill') // 2552
 */
export function guessStitches(size: { width: number; height: number }, loadClass: LoadClass, kind: WorkKind): number {
  return Math.max(1, Math.round(((size.width * size.height * stitchedShare[kind]) / 100) * usualLoad[loadClass]))
}
