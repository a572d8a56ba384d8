import { CoreError } from '../errors'
import type { LoadClass } from '../recipe/recipeQuery'

/** Upper bounds of the load classes in stitches per cm2 (craft.md section 5). */
const bounds: readonly (readonly [LoadClass, number])[] = [
  ['outline', 15],
  ['light', 40],
  ['medium', 70],
]

export function loadClassOf(stitchesPerCm2: number): LoadClass {
  return bounds.find(([, below]) => stitchesPerCm2 < below)?.[0] ?? 'dense'
}

/**
 * Load of a design known only by its size and stitch count: stitches over the whole box, so an open design reads
 * lighter than its stitched parts are. Always an estimate.
 *
 * @param size millimetres
 * @throws CoreError('bad-design') when a number is not above zero
 * @example estimateLoad({ width: 84, height: 62 }, 3100) // { mean: 59.5, loadClass: 'medium' }
 */
export function estimateLoad(
  size: { width: number; height: number },
  stitches: number,
): { mean: number; loadClass: LoadClass } {
  const area = (size.width * size.height) / 100
  if (!(area > 0 && stitches > 0 && Number.isFinite(area + stitches))) {
    throw new CoreError('bad-design', 'The load needs a size and a stitch count above zero.', 'design')
  }
  const mean = stitches / area
  return { mean, loadClass: loadClassOf(mean) }
}
