import { message } from '../messages/message'
import { CoreError } from '../errors'
import { boxOf, rectangle } from '../plane/box'
import { convexHull } from '../plane/convexHull'
import type { Point } from '../plane/point'
import { checkRulers } from './checkRulers'
import { cutOut, joinMarks, tileStarts } from './tiles'
import { line, outlined, type TemplateInk, type TemplatePage, text } from './templateInk'

export const papers = { a4: { width: 210, height: 297 }, letter: { width: 215.9, height: 279.4 } } as const
export type PaperId = keyof typeof papers

/**
 * `outline`: what is stitched, in the design frame, its box when left out; `drawing`: what lies in it. `title`: the piece; `lines`: what is written
 * under it (where the cross goes, the distances). `upIs`: what the arrow points to. `sizes`: width and height as written.
 */
type TemplateRequest = {
  title: string
  lines: readonly string[]
  design: { width: number; height: number; outline?: Point[]; drawing?: { points: Point[]; closed: boolean }[] }
  upIs: string
  sizes: { width: string; height: string }
  paper: PaperId
}

export type Template = {
  paper: { width: number; height: number }
  columns: number
  rows: number
  pages: TemplatePage[]
}

const EDGE = 12
const OVERLAP = 14
const RULERS = 26
const LINE = 5
const MOST_PAGES = 100

/**
 * The true-size paper template of a design: outline, cross, axes, arrow, top and foot lines, distances, and check
 * rulers on every page; cut into pages that overlap where it is larger than the paper. The paper is turned when that
 * takes fewer pages.
 *
 * @throws CoreError 'bad-design' for a design without a size or one that would take more than 100 pages
 * @example a design of 200 by 100 on A4: one page, turned
 */
export function templatePages(q: TemplateRequest): Template {
  const { width, height } = q.design
  if (!(width > 0 && height > 0 && Number.isFinite(width + height)))
    throw new CoreError('bad-design', message('problem.the-designs-width-and-height'), 'design')
  const upright = papers[q.paper]
  const turned = { width: upright.height, height: upright.width }
  const [a, b] = [laidOn(upright, q), laidOn(turned, q)]
  const best = b.columns * b.rows < a.columns * a.rows ? b : a
  if (best.columns * best.rows > MOST_PAGES)
    throw new CoreError('bad-design', message('problem.template-too-large', { most: MOST_PAGES }), 'design')
  return { ...best, pages: pagesOf(best, q) }
}

type LaidOut = Omit<Template, 'pages'> & {
  xs: number[]
  ys: number[]
  room: { width: number; height: number }
  top: number
  left: number
  above: number
}

/** What stands out round the design: axes, the arrow above, names beside. */
const MARGIN = { side: 14, above: 24, below: 14 }

function laidOn(paper: { width: number; height: number }, q: TemplateRequest): LaidOut {
  // On a turned sheet height is dear: what is written stands beside the rulers.
  const beside = paper.width > paper.height
  const head = 12 + (beside ? 0 : q.lines.length * LINE)
  const room = {
    width: paper.width - 2 * EDGE,
    height: paper.height - 2 * EDGE - head - Math.max(RULERS, beside ? q.lines.length * LINE : 0),
  }
  const box = boxOf(outlineOf(q))
  const whole = {
    width: box.right - box.left + 2 * MARGIN.side,
    height: box.bottom - box.top + MARGIN.above + MARGIN.below,
  }
  const xs = tileStarts(whole.width, room.width, OVERLAP)
  const ys = tileStarts(whole.height, room.height, OVERLAP)
  return {
    paper,
    room,
    xs,
    ys,
    columns: xs.length,
    rows: ys.length,
    top: EDGE + head,
    left: box.left - MARGIN.side,
    above: box.top - MARGIN.above,
  }
}

const outlineOf = ({ design }: TemplateRequest): Point[] => design.outline ?? rectangle(design.width, design.height)

function pagesOf(
  { paper, xs, ys, room, top, left, above, rows, columns }: LaidOut,
  q: TemplateRequest,
): TemplatePage[] {
  const many = rows * columns > 1
  const words0 = paper.width > paper.height ? { x: EDGE + 126, y: top + room.height + 8 } : { x: EDGE, y: EDGE + 11 }
  const drawing = drawingOf(q)
  const joins = joinMarks(xs, ys, room, OVERLAP).map((mark) => shifted(mark, left, above))
  return ys.flatMap((y, row) =>
    xs.map((x, column) => {
      const label = many
        ? `Page ${row * columns + column + 1} of ${rows * columns}, row ${row + 1}, column ${column + 1}`
        : ''
      const part = { left: left + x, right: left + x + room.width, top: above + y, bottom: above + y + room.height }
      const corner = { x: EDGE, y: top }
      return {
        label,
        ink: [
          text({ x: EDGE, y: EDGE + 5 }, q.title, 5),
          ...q.lines.map((words, i) => text({ x: words0.x, y: words0.y + i * LINE }, words)),
          ...cutOut([...drawing, ...joins], part, corner),
          ...(many ? frame(corner, room, label, column, row, { rows, columns }) : []),
          ...checkRulers(EDGE, top + room.height + 3),
        ],
      }
    }),
  )
}

function shifted(mark: TemplateInk, dx: number, dy: number): TemplateInk {
  const move = (p: Point): Point => ({ x: p.x + dx, y: p.y + dy })
  if (mark.kind === 'text') return { ...mark, at: move(mark.at) }
  if (mark.kind === 'filled') return { ...mark, points: mark.points.map(move) }
  return { ...mark, from: move(mark.from), to: move(mark.to) }
}

/** The design at true size in its own frame: what goes on the cloth under it, and what to read. */
function drawingOf(q: TemplateRequest): TemplateInk[] {
  const outline = outlineOf(q)
  const { left, right, top, bottom } = boxOf(outline)
  const [x, y] = [8, 8]
  const tip = top - y - 7
  const isBox = convexHull([...outline]).length === 4 && outline.length === 4
  const drawn = q.design.drawing ?? []
  return [
    ...outlined(outline, drawn.length > 0 ? 0.15 : 0.35),
    ...drawn.flatMap(({ points, closed }) => outlined(points, 0.25).slice(0, closed ? undefined : -1)),
    ...(isBox
      ? []
      : outlined(rectangle(right - left, bottom - top, { x: (left + right) / 2, y: (top + bottom) / 2 }), 0.1)),
    line({ x: left - x, y: 0 }, { x: right + x, y: 0 }, 0.2, true),
    line({ x: 0, y: top - y }, { x: 0, y: bottom + y }, 0.2, true),
    line({ x: -6, y: 0 }, { x: 6, y: 0 }, 0.6),
    line({ x: 0, y: -6 }, { x: 0, y: 6 }, 0.6),
    line({ x: -5, y: bottom + y }, { x: 5, y: bottom + y }, 0.8),
    {
      kind: 'filled',
      points: [
        { x: 0, y: tip },
        { x: -3, y: top - y },
        { x: 3, y: top - y },
      ],
    },
    text({ x: 5, y: tip + 4 }, `toward ${q.upIs}`),
    line({ x: left - x, y: top }, { x: right + x, y: top }, 0.15, true),
    line({ x: left - x, y: bottom }, { x: right + x, y: bottom }, 0.15, true),
    text({ x: left, y: top - 1.5 }, 'top', 3),
    text({ x: left, y: bottom + 4 }, `foot, ${q.sizes.width} wide, ${q.sizes.height} high`, 3),
  ]
}

function frame(
  corner: Point,
  room: { width: number; height: number },
  label: string,
  column: number,
  row: number,
  { rows, columns }: { rows: number; columns: number },
): TemplateInk[] {
  const [right, bottom] = [corner.x + room.width, corner.y + room.height]
  const next = [column < columns - 1 ? 'right' : '', row < rows - 1 ? 'below' : ''].filter(Boolean).join(' and ')
  const joined = next ? `; lay the next page ${next} on its lettered crosses` : ''
  return [
    ...outlined([corner, { x: right, y: corner.y }, { x: right, y: bottom }, { x: corner.x, y: bottom }], 0.1),
    text({ x: right, y: corner.y - 1.5 }, `${label}${joined}`, 3, 'end'),
  ]
}
