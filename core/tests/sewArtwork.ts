import type { Design, Point } from '../src'

/*
 * A needle of the tests' own: it walks the edges of what is drawn and looks across at each place, where the program
 * counts with areas and perimeters alone. Craft.md: a column of 1 to 8 mm is satin from edge to edge, wider is rows of
 * 0.40 mm with stitches of 3.5 mm, narrower a running stitch of 2.5 mm; a fifth more lies under satin and fills.
 */
const [PITCH, FILL, RUN, UNDER] = [0.4, 3.5, 2.5, 0.2]

type Area = Point[][]
const far = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y)
const edgesOf = (area: Area): [Point, Point][] =>
  area.flatMap((polygon) => polygon.map((a, i): [Point, Point] => [a, polygon[(i + 1) % polygon.length]!]))

/** Where a line from `p` along `way` meets the edges: how far off, nearest first. */
function crossings(edges: readonly [Point, Point][], p: Point, way: Point): number[] {
  return edges
    .flatMap(([a, b]) => {
      const [ex, ey] = [b.x - a.x, b.y - a.y]
      const turn = way.x * ey - way.y * ex
      if (Math.abs(turn) < 1e-12) return []
      const [px, py] = [a.x - p.x, a.y - p.y]
      const s = (px * way.y - py * way.x) / turn
      return s >= 0 && s < 1 ? [(px * ey - py * ex) / turn] : []
    })
    .sort((m, n) => m - n)
}

/** Once a column is crossed from one of its edges, the needle does not come back from the other. */
class Crossed {
  readonly #near = new Map<string, Point[]>()
  constructor(private readonly reach: number) {}
  #cells({ x, y }: Point): string[] {
    const [i, j] = [Math.floor(x / this.reach), Math.floor(y / this.reach)]
    return [-1, 0, 1].flatMap((di) => [-1, 0, 1].map((dj) => `${i + di},${j + dj}`))
  }
  add(p: Point): void {
    const cell = this.#cells(p)[4]!
    this.#near.set(cell, [...(this.#near.get(cell) ?? []), p])
  }
  has(p: Point): boolean {
    return this.#cells(p).some((cell) => this.#near.get(cell)?.some((q) => far(p, q) < this.reach))
  }
}

/** From the ends of a column a line inward runs along it: no stitch does. */
const ALONG = 2

/** Needle points to and fro across a column, the next one pitch farther on. */
function satin(area: Area, pitch: number): Point[] {
  const edges = edgesOf(area)
  const places: { p: Point; inward: Point; across: number }[] = []
  let left = 0
  for (const [a, b] of edges) {
    const size = far(a, b)
    const along = { x: (b.x - a.x) / size, y: (b.y - a.y) / size }
    for (; left < size; left += pitch) {
      const p = { x: a.x + along.x * left, y: a.y + along.y * left }
      // Inward is the side on which there is an odd number of edges.
      const inward = [
        { x: -along.y, y: along.x },
        { x: along.y, y: -along.x },
      ].find((way) => crossings(edges, p, way).filter((t) => t > 1e-6).length % 2 === 1)
      const across = inward && crossings(edges, p, inward).find((t) => t > 1e-6)
      if (inward && across) places.push({ p, inward, across })
    }
    left -= size
  }
  const usual = places.map((c) => c.across).sort((m, n) => m - n)[places.length >> 1] ?? 0
  const crossed = new Crossed(pitch * 0.9)
  const points: Point[] = []
  for (const { p, inward, across } of places) {
    if (across > ALONG * usual || crossed.has(p)) continue
    const q = { x: p.x + inward.x * across, y: p.y + inward.y * across }
    points.push(points.length % 2 === 0 ? p : q)
    crossed.add(q)
  }
  return points
}

/** Rows to and fro, each with its ends. */
function rows(area: Area, pitch: number): Point[] {
  const edges = edgesOf(area)
  const ys = area.flat().map((p) => p.y)
  const points: Point[] = []
  for (let y = Math.min(...ys) + pitch / 2, i = 0; y < Math.max(...ys); y += pitch, i++) {
    const at = crossings(edges, { x: 0, y }, { x: 1, y: 0 })
    for (let j = 0; j + 1 < at.length; j += 2) {
      const row: Point[] = [{ x: at[j]!, y }]
      for (let x = at[j]! + FILL; x < at[j + 1]! - 0.5; x += FILL) row.push({ x, y })
      row.push({ x: at[j + 1]!, y })
      points.push(...(i % 2 === 0 ? row : row.reverse()))
    }
  }
  return points
}

function run(line: readonly Point[], step = RUN): Point[] {
  const points = [line[0]!]
  let left = step
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1]!, line[i]!]
    const size = far(a, b)
    for (; left <= size; left += step)
      points.push({ x: a.x + ((b.x - a.x) * left) / size, y: a.y + ((b.y - a.y) * left) / size })
    left -= size
  }
  return points
}

/** The mean width of a column, by which it is sewn (core.md section 7). */
function widthOf(area: Area): number {
  const round = edgesOf(area).reduce((sum, [a, b]) => sum + far(a, b), 0)
  const rowsOf = 0.05
  const ys = area.flat().map((p) => p.y)
  let size = 0
  for (let y = Math.min(...ys) + rowsOf / 2; y < Math.max(...ys); y += rowsOf) {
    const at = crossings(edgesOf(area), { x: 0, y }, { x: 1, y: 0 })
    for (let j = 0; j + 1 < at.length; j += 2) size += (at[j + 1]! - at[j]!) * rowsOf
  }
  return (2 * size) / round
}

function sewArea(area: Area): Point[] {
  const wide = widthOf(area)
  if (wide < 1) return area.flatMap((polygon) => run(polygon.slice(0, Math.ceil(polygon.length / 2) + 1)))
  return wide <= 8
    ? [...satin(area, PITCH / UNDER), ...satin(area, PITCH)]
    : [...rows(area, PITCH / UNDER), ...rows(area, PITCH)]
}

/** A stroke from side to side of its middle, over a sparse pass that comes back to where it began. */
function sewStroke(line: readonly Point[], width: number): Point[] {
  if (width < 1) return run(line)
  const zigzag = (middle: readonly Point[]): Point[] =>
    middle.map((p, i) => {
      const [a, b] = [middle[Math.max(0, i - 1)]!, middle[Math.min(middle.length - 1, i + 1)]!]
      const side = ((i % 2 === 0 ? 1 : -1) * width) / 2 / (far(a, b) || 1)
      return { x: p.x - (b.y - a.y) * side, y: p.y + (b.x - a.x) * side }
    })
  return [...zigzag(run([...line].reverse(), PITCH / UNDER)), ...zigzag(run(line, PITCH))]
}

/** A hand begins where it is nearest: an area anywhere, a line at either of its ends. */
function nearest(ways: readonly Point[][], last: Point | undefined): Point[] {
  const far0 = (way: Point[]): number => (last && way[0] ? far(way[0], last) : 0)
  return ways.reduce((best, way) => (far0(way) < far0(best) ? way : best))
}
const anywhere = (points: Point[], last: Point | undefined): Point[] => {
  if (!last) return points
  const at = points.reduce((best, p, i) => (far(p, last) < far(points[best]!, last) ? i : best), 0)
  return [...points.slice(at), ...points.slice(0, at)]
}

/** A stitch list (our CSV) of artwork, sewn by hand. `cutBeyond`: the thread is cut where the needle goes farther, mm. */
export function sewn(design: Design, cutBeyond = 3): string {
  const rowsOut = ['x_mm,y_mm,command,colour']
  const put = ({ x, y }: Point, command: string, colour = ''): number =>
    rowsOut.push(`${x.toFixed(2)},${y.toFixed(2)},${command},${colour}`)
  for (const { colour, fills = [], lines = [] } of design.blocks) {
    const runs = [
      ...fills.map((area) => ({ ways: [sewArea(area)], closed: true })),
      ...lines.flatMap(({ width, lines: each }) =>
        each.map((line) => ({ ways: [sewStroke(line, width), sewStroke([...line].reverse(), width)], closed: false })),
      ),
    ]
    let last: Point | undefined
    for (const { ways, closed } of runs) {
      const sewnSo = closed ? anywhere(ways[0]!, last) : nearest(ways, last)
      if (last && sewnSo[0]) {
        if (far(last, sewnSo[0]) > cutBeyond) put(last, 'trim')
        put(sewnSo[0], 'jump')
      }
      for (const p of sewnSo) {
        put(p, 'stitch', last ? '' : colour)
        last = p
      }
    }
  }
  return [...rowsOut, '0,0,end,'].join('\n')
}
