import { adviceOf, type StoredAdvice, storeAdvice } from '../advice'
import type { Point } from '../plane/point'
import { convexHull } from '../plane/convexHull'
import { boxOfBlocks, hullOf } from './centred'
import type { Design, DesignBlock, StitchMove } from './design'

/** Points as whole thousandths of a millimetre, x and y in turn: small, exact, and the same in every language. */
type PackedPoints = number[]

type PackedBlock = {
  colour: string
  stitchCount: number
  estimated: boolean
  jumps: number
  trims: number
  stitches?: PackedPoints
  /** [before, kind (0 jump, 1 trim, 2 stop), x, y] of each move, one after another. */
  moves?: number[]
  outlines?: PackedPoints[]
  fills?: PackedPoints[][]
  lines?: { width: number; lines: PackedPoints[] }[]
}

/** A design as it is kept and as it travels; the program's own JSON. */
export type PackedDesign = {
  source: Design['source']
  width: number
  height: number
  pageBox?: Point
  blocks: PackedBlock[]
  warnings: StoredAdvice[]
}

const kinds: readonly StitchMove['kind'][] = ['jump', 'trim', 'stop']
const micron = (mm: number): number => Math.round(mm * 1000)

export function packPoints(points: readonly Point[]): PackedPoints {
  const packed = new Array<number>(points.length * 2)
  for (let i = 0; i < points.length; i++) {
    packed[2 * i] = micron(points[i]!.x)
    packed[2 * i + 1] = micron(points[i]!.y)
  }
  return packed
}

const unpackPoints = (packed: PackedPoints): Point[] =>
  Array.from({ length: packed.length >> 1 }, (_, i) => ({ x: packed[2 * i]! / 1000, y: packed[2 * i + 1]! / 1000 }))

/** What a block does for a patch is the card's: it can be changed, and this never does. */
function packBlock(block: DesignBlock): PackedBlock {
  const { colour, stitchCount, estimated, jumps, trims, stitches, moves, outlines, fills, lines } = block
  return {
    ...{ colour, stitchCount, estimated, jumps, trims },
    ...(stitches ? { stitches: packPoints(stitches) } : {}),
    ...(moves ? { moves: moves.flatMap((m) => [m.before, kinds.indexOf(m.kind), micron(m.x), micron(m.y)]) } : {}),
    ...(outlines ? { outlines: outlines.map(packPoints) } : {}),
    ...(fills ? { fills: fills.map((area) => area.map(packPoints)) } : {}),
    ...(lines ? { lines: lines.map((l) => ({ width: l.width, lines: l.lines.map(packPoints) })) } : {}),
  }
}

function unpackBlock({ stitches, moves, outlines, fills, lines, ...rest }: PackedBlock): DesignBlock {
  const unpackMoves = (list: number[]): StitchMove[] =>
    Array.from({ length: list.length >> 2 }, (_, i) => ({
      before: list[4 * i]!,
      kind: kinds[list[4 * i + 1]!] ?? 'jump',
      x: list[4 * i + 2]! / 1000,
      y: list[4 * i + 3]! / 1000,
    }))
  return {
    ...rest,
    ...(stitches ? { stitches: unpackPoints(stitches) } : {}),
    ...(moves ? { moves: unpackMoves(moves) } : {}),
    ...(outlines ? { outlines: outlines.map(unpackPoints) } : {}),
    ...(fills ? { fills: fills.map((area) => area.map(unpackPoints)) } : {}),
    ...(lines ? { lines: lines.map((l) => ({ width: l.width, lines: l.lines.map(unpackPoints) })) } : {}),
  }
}

/** @example packDesign(design).blocks[0].stitches // [-2000, 0, 2000, 0] for a stitch 4 mm long */
export function packDesign({ source, width, height, pageBox, blocks, warnings }: Design): PackedDesign {
  const kept = storeAdvice(warnings)
  return { source, width, height, ...(pageBox ? { pageBox } : {}), blocks: blocks.map(packBlock), warnings: kept }
}

/**
 * The design as packed. What is said of stitches is counted again, so that a file made elsewhere cannot claim a size
 * or a number that its points do not have.
 */
export function unpackDesign(packed: PackedDesign): Design {
  const blocks = packed.blocks.map(unpackBlock).map((b) => (b.stitches ? counted(b, b.stitches) : b))
  const { source, pageBox, warnings } = packed
  const box = boxOfBlocks(blocks)
  const known = box.left <= box.right
  return {
    source,
    ...(known
      ? { width: box.right - box.left, height: box.bottom - box.top }
      : { width: packed.width, height: packed.height }),
    ...(pageBox ? { pageBox } : {}),
    hull: known ? hullOf(blocks) : convexHull([]),
    blocks,
    warnings: warnings.map(adviceOf),
  }
}

function counted(block: DesignBlock, stitches: Point[]): DesignBlock {
  const of = (kind: StitchMove['kind'], claimed: number): number =>
    block.moves ? block.moves.filter((m) => m.kind === kind).length : claimed
  return {
    ...block,
    stitchCount: stitches.length,
    estimated: false,
    jumps: of('jump', block.jumps),
    trims: of('trim', block.trims),
  }
}
