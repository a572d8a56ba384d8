import type { Design, DesignBlock, StitchMove } from '@thimble/core/design'
import { centredDesign } from '@thimble/core/design/work'
import { boxOf, type Point, rotatePoint } from '@thimble/core/plane'

/** How the demo's artwork is stitched out; millimetres. */
export type Stitching = { rowMm: number; stitchMm: number; satinMm: number; runMm: number; underlay: boolean }

export const usualStitching: Stitching = { rowMm: 0.5, stitchMm: 4, satinMm: 0.4, runMm: 2.5, underlay: false }

const TRIM_BEYOND_MM = 3
/** Where the next row begins farther off than this, the needle goes there without sewing. */
const MOST_STEP_MM = 7

/** Gathers the needle points of one colour, with jumps and trims where the needle has to go elsewhere. */
class Needle {
  readonly stitches: Point[] = []
  readonly moves: StitchMove[] = []

  goTo(p: Point): void {
    const last = this.stitches.at(-1)
    if (!last) return
    const far = Math.hypot(p.x - last.x, p.y - last.y)
    const before = this.stitches.length
    if (far > TRIM_BEYOND_MM) this.moves.push({ before, kind: 'trim', x: last.x, y: last.y })
    if (far > 0.5) this.moves.push({ before, kind: 'jump', x: p.x, y: p.y })
  }

  sew(points: readonly Point[]): void {
    if (!points[0]) return
    this.goTo(points[0])
    this.stitches.push(...points)
  }
}

const lengthOf = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y)

/** Points every `step` along a line, its ends included. */
function along(line: readonly Point[], step: number): Point[] {
  const points = [line[0]!]
  let left = step
  for (let i = 1; i < line.length; i++) {
    let [a, b] = [line[i - 1]!, line[i]!]
    for (let size = lengthOf(a, b); size >= left; size = lengthOf(a, b)) {
      a = { x: a.x + ((b.x - a.x) * left) / size, y: a.y + ((b.y - a.y) * left) / size }
      points.push(a)
      left = step
    }
    left -= lengthOf(a, b)
  }
  const end = line.at(-1)!
  if (lengthOf(points.at(-1)!, end) > step / 4) points.push(end)
  return points
}

const FINE_MM = 0.05

/** From side to side of a stroke, a crossing to every `pitch` of its longer edge: round a bend that is the outer one. */
function satin(line: readonly Point[], width: number, pitch: number): Point[] {
  const middle = along(line, FINE_MM)
  const edges = middle.map((p, i) => {
    const [a, b] = [middle[Math.max(0, i - 4)]!, middle[Math.min(middle.length - 1, i + 4)]!]
    const size = lengthOf(a, b) || 1
    const [dx, dy] = [(-(b.y - a.y) / size) * (width / 2), ((b.x - a.x) / size) * (width / 2)]
    return [
      { x: p.x + dx, y: p.y + dy },
      { x: p.x - dx, y: p.y - dy },
    ] as const
  })
  let last = edges[0]!
  const taken = [last]
  for (const edge of edges)
    if (Math.max(lengthOf(edge[0], last[0]), lengthOf(edge[1], last[1])) >= pitch) taken.push((last = edge))
  return taken.map((edge, i) => edge[i % 2]!)
}

type Span = { from: number; to: number; y: number }

/** The stretches of each row that lie inside. */
function spansOf(area: readonly Point[][], row: number): Span[][] {
  const box = boxOf(area.flat())
  const rows: Span[][] = []
  for (let y = box.top + row / 2; y < box.bottom; y += row) {
    const at: number[] = []
    for (const polygon of area)
      polygon.forEach((a, i) => {
        const b = polygon[(i + 1) % polygon.length]!
        if (a.y <= y !== b.y <= y) at.push(a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x))
      })
    at.sort((a, b) => a - b)
    rows.push(
      Array.from({ length: at.length >> 1 }, (_, i) => ({ from: at[2 * i]!, to: at[2 * i + 1]!, y })).filter(
        (s) => s.to - s.from > 0.3,
      ),
    )
  }
  return rows
}

/** Rows that hang together from one to the next, so that each patch is stitched without a lift. */
function patches(rows: Span[][]): Span[][] {
  const done: Span[][] = []
  let open: Span[][] = []
  for (const row of rows) {
    const next: Span[][] = []
    for (const span of row) {
      const free = open.find(
        (patch) => !next.includes(patch) && patch.at(-1)!.from < span.to && patch.at(-1)!.to > span.from,
      )
      if (free) next.push(free)
      else done.push((next[next.push([]) - 1] = []))
      next.at(-1)!.push(span)
    }
    open = next
  }
  return done
}

/** Rows to and fro, the needle points of neighbours set off by thirds so that no furrow shows. */
function fill(
  area: readonly Point[][],
  { rowMm, stitchMm }: Pick<Stitching, 'rowMm' | 'stitchMm'>,
  angle: number,
): Point[][] {
  const turned = area.map((polygon) => polygon.map((p) => rotatePoint(p, -angle)))
  return patches(spansOf(turned, rowMm)).flatMap((patch) => {
    const runs: Point[][] = []
    patch.forEach(({ from, to, y }, i) => {
      const shift = ((i % 3) / 3) * stitchMm
      const first = Math.ceil((from - shift) / stitchMm) * stitchMm + shift
      const points = [from]
      for (let x = first; x < to - 0.4; x += stitchMm) if (x - from > 0.4) points.push(x)
      points.push(to)
      const row = points.map((x) => rotatePoint({ x, y }, angle))
      if (i % 2 === 1) row.reverse()
      const last = runs.at(-1)?.at(-1)
      if (last && lengthOf(last, row[0]!) < MOST_STEP_MM) runs.at(-1)!.push(...row)
      else runs.push(row)
    })
    return runs
  })
}

function sewBlock(block: DesignBlock, how: Stitching, angle: number): DesignBlock {
  const needle = new Needle()
  for (const area of block.fills ?? []) {
    if (how.underlay) fill(area, { rowMm: 2.5, stitchMm: 4 }, angle + 90).forEach((run) => needle.sew(run))
    fill(area, how, angle).forEach((run) => needle.sew(run))
  }
  for (const { width, lines } of block.lines ?? [])
    for (const line of lines) {
      if (width >= 2) needle.sew(along([...line].reverse(), how.runMm))
      needle.sew(width >= 1 ? satin(line, width, how.satinMm) : along(line, how.runMm))
    }
  const { stitches, moves } = needle
  const count = (kind: StitchMove['kind']): number => moves.filter((m) => m.kind === kind).length
  return {
    colour: block.colour,
    stitches,
    moves,
    stitchCount: stitches.length,
    estimated: false,
    jumps: count('jump'),
    trims: count('trim'),
  }
}

/**
 * A stitch list from artwork, the way such lists are commonly made: fills as rows to and fro, wide strokes as satin
 * over a line of running stitch, fine ones as running stitch; brought to the given size.
 */
export function stitchArtwork(artwork: Design, size: { width: number; height: number }, how = usualStitching): Design {
  const blocks = artwork.blocks.map((block, i) => sewBlock(block, how, (i % 3) * 30))
  const sewn = centredDesign({ source: 'stitches', blocks, warnings: [] }, false)
  const hundredth = (mm: number): number => Math.round(mm * 100) / 100
  const fit = <P extends Point>(p: P): P => ({
    ...p,
    x: hundredth((p.x * size.width) / sewn.width),
    y: hundredth((p.y * size.height) / sewn.height),
  })
  const fitted = sewn.blocks.map((b) => ({ ...b, stitches: b.stitches!.map(fit), moves: b.moves!.map(fit) }))
  return centredDesign({ source: 'stitches', blocks: fitted, warnings: [] }, false)
}
