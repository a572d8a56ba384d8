import { message } from '../messages/message'
import { CoreError } from '../errors'
import type { Point } from '../plane/point'
import type { Design, DesignBlock } from './design'

const mm = (value: number): string => String(Math.round(value * 1000) / 1000 + 0)
const THREAD_MM = 0.4

export const pathOf = (line: readonly Point[], closed: boolean): string =>
  `M${line.map((p) => `${mm(p.x)} ${mm(p.y)}`).join('L')}${closed ? 'Z' : ''}`

/** Needle points as lines, lifted where the thread is cut or jumps. */
export function stitchRuns({ stitches = [], moves = [] }: DesignBlock): Point[][] {
  const lifts = new Set(moves.filter((m) => m.kind !== 'stop').map((m) => m.before))
  const runs: Point[][] = []
  stitches.forEach((p, i) => {
    if (i === 0 || lifts.has(i)) runs.push([p])
    else runs.at(-1)!.push(p)
  })
  return runs
}

/**
 * The design as SVG at its real size, one unit a millimetre: artwork as filled outlines, stitches as lines 0.4 mm wide.
 *
 * @throws CoreError('no-drawing') for a design known by size alone
 */
export function writeDesignSvg(design: Design): string {
  if (design.source === 'size') throw new CoreError('no-drawing', message('problem.a-design-you-only-know'), 'design')
  const edge = design.source === 'stitches' ? THREAD_MM / 2 : 0
  const [w, h] = [design.width + 2 * edge, design.height + 2 * edge]
  const parts = design.blocks.flatMap((block) => {
    const drawn: string[] = []
    if (block.outlines?.length)
      drawn.push(
        `<path fill="${block.colour}" fill-rule="evenodd" d="${block.outlines.map((o) => pathOf(o, true)).join('')}"/>`,
      )
    if (block.stitches?.length)
      drawn.push(
        `<path fill="none" stroke="${block.colour}" stroke-width="${THREAD_MM}" stroke-linecap="round" stroke-linejoin="round" ` +
          `d="${stitchRuns(block)
            .map((run) => pathOf(run.length === 1 ? [...run, ...run] : run, false))
            .join('')}"/>`,
      )
    return drawn
  })
  return svgInMm(w, h, `${mm(-w / 2)} ${mm(-h / 2)} ${mm(w)} ${mm(h)}`, parts)
}

/** An SVG page of millimetres round the parts. */
export const svgInMm = (width: number, height: number, viewBox: string, parts: readonly string[]): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(width)}mm" height="${mm(height)}mm" viewBox="${viewBox}">\n` +
  `${parts.map((part) => `  ${part}\n`).join('')}</svg>\n`
