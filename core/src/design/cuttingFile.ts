import { message } from '../messages'
import { type Advice, caution, note } from '../advice'
import { CoreError } from '../errors'
import { boxOf } from '../plane/box'
import type { Point } from '../plane/point'
import { grown, signedArea } from '../plane/polygons'
import type { DesignBlock } from './design'
import { stitchedArea } from './stitchedArea'
import { pathOf, stitchRuns, svgInMm } from './writeDesignSvg'

type CuttingRequest = {
  block: DesignBlock
  /** How far the applique reaches beyond the outline, under the stitches that hold it. */
  overlap: number
  count: number
  /** What is cut from: its width, and the gap between pieces. */
  clothWidth: number
  gap?: number
}

export type CuttingFile = {
  svg: string
  /** One piece, millimetres; its outlines as they lie in the design. */
  piece: { width: number; height: number }
  outline: Point[][]
  /** Cloth for all of them, laid in rows across its width. */
  cloth: { width: number; length: number }
  warnings: Advice[]
}

const GAP_MM = 5
const FINE_MM = 0.25
const CLOSED_MM = 0.5
const LEAST_HOLE_MM2 = 20

/** The outline to cut by: artwork's own, a closed line of stitches as it runs, or the edge of what is stitched. */
function blockOutline(block: DesignBlock): Point[][] {
  if (block.outlines) return block.outlines
  const runs = stitchRuns(block).filter((run) => run.length > 2)
  const closed = runs.filter((run) => {
    const [a, b] = [run[0]!, run.at(-1)!]
    return Math.hypot(a.x - b.x, a.y - b.y) <= CLOSED_MM
  })
  const area = closed.length === runs.length ? closed : []
  // A fill may come back to its start by chance; only a line runs once round a wide area.
  const roomy = area.filter((run) => {
    const round = run.reduce(
      (sum, p, i) => sum + Math.hypot(p.x - run[(i + 1) % run.length]!.x, p.y - run[(i + 1) % run.length]!.y),
      0,
    )
    return Math.abs(signedArea(run)) > (round * round) / 120
  })
  return roomy.length > 0 && roomy.length === area.length ? roomy : stitchedArea(block, FINE_MM)
}

/** Grown outlines wound one way are pieces, the other way their holes. */
const isPiece = (polygon: Point[]): boolean => signedArea(polygon) > 0

/**
 * What to cut for an applique: the outline of a block grown by the overlap, `count` times, laid in rows on the cloth,
 * as SVG in millimetres.
 *
 * @throws CoreError('bad-request') for an overlap, count or cloth that cannot be; 'no-room' when a piece is wider than
 *   the cloth; 'no-drawing' for a block without outline
 * @example cuttingFile({ block: a 40 mm square, overlap: 2, count: 3, clothWidth: 300 }).cloth // about 142 x 44
 */
export function cuttingFile({ block, overlap, count, clothWidth, gap = GAP_MM }: CuttingRequest): CuttingFile {
  if (!(overlap >= 0 && overlap <= 20))
    throw new CoreError('bad-request', message('problem.the-overlap-is-between-0'), 'overlap')
  if (!Number.isInteger(count) || count < 1 || count > 500)
    throw new CoreError('bad-request', message('problem.a-count-is-a-whole'), 'count')
  if (!(clothWidth > 0 && clothWidth <= 5000))
    throw new CoreError('bad-request', message('problem.the-cloths-width-must-be'), 'clothWidth')
  const outline = blockOutline(block)
  if (outline.length === 0) throw new CoreError('no-drawing', message('problem.this-colour-has-no-outline'), 'block')
  const all = overlap > 0 ? grown(oriented(outline), overlap) : oriented(outline)
  const pieces = all.filter((line) => isPiece(line) || -signedArea(line) >= LEAST_HOLE_MM2)
  const box = boxOf(pieces.flat())
  const [w, h] = [box.right - box.left, box.bottom - box.top]
  if (w > clothWidth)
    throw new CoreError('no-room', message('problem.one-piece-is-mm-wide', { ceil: Math.ceil(w) }), 'clothWidth')
  const columns = Math.min(count, Math.floor((clothWidth + gap + 1e-9) / (w + gap)))
  const rows = Math.ceil(count / columns)
  const cloth = { width: columns * (w + gap) - gap, length: rows * (h + gap) - gap }
  const parts = Array.from({ length: count }, (_, i) => {
    const [x, y] = [(i % columns) * (w + gap) - box.left, Math.floor(i / columns) * (h + gap) - box.top]
    const d = pieces
      .map((line) =>
        pathOf(
          line.map((p) => ({ x: p.x + x, y: p.y + y })),
          true,
        ),
      )
      .join('')
    return `<path fill="none" stroke="#000000" stroke-width="0.1" d="${d}"/>`
  })
  const warnings: Advice[] = []
  const outer = pieces.filter(isPiece).length
  if (pieces.length < all.length) warnings.push(note('holes-left', message('cut.holes-left', { area: LEAST_HOLE_MM2 })))
  if (outer > 1) warnings.push(note('several-pieces', message('cut.several-pieces', { parts: outer })))
  if (overlap === 0) warnings.push(caution('no-overlap', message('cut.no-overlap')))
  warnings.push(caution('blades', message('cut.blades')))
  return {
    svg: svgInMm(cloth.width, cloth.length, `0 0 ${cloth.width} ${cloth.length}`, parts),
    piece: { width: w, height: h },
    outline: pieces,
    cloth,
    warnings,
  }
}

/** Outer outlines one way round and their holes the other, so that growing grows the one and closes the other. */
function oriented(outline: readonly Point[][]): Point[][] {
  return grown(outline, 0)
}
