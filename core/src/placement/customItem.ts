import { CoreError } from '../errors'
import { message } from '../messages/message'
import { boxOf } from '../plane/box'
import type { Point } from '../plane/point'
import type { ItemKind } from './itemKind'
import type { ItemShape, NoSewZone, ReferenceLine } from './itemShape'
import { panelLines } from './kinds/flat/panelShape'
import { onCentre } from './kinds/flat/panelRules'
import type { MeasurementAsk, Measures } from './measures'
import { type OutlineEdge, walkOutline } from './walkOutline'

/**
 * An item of the worker's own: its edges clockwise from the upper left; lines to measure from, counted in mm from its
 * top (level) or its left (upright); and strips along edges (counted from 1) where nothing may be sewn.
 */
type CustomItem = {
  name: string
  edges: readonly OutlineEdge[]
  lines: readonly { name: string; axis: 'level' | 'upright'; at: number }[]
  strips: readonly { edge: number; depth: number }[]
}

export const customKindId = 'custom'
export const customPlacementIds = ['centred', 'from-edges'] as const

/**
 * A custom item as an item kind: each edge is asked of the tape again, with what was saved as its usual number.
 *
 * @throws CoreError of `walkOutline` from `shape`, and 'bad-strip' for a strip along no edge
 * @example an apron pocket of 200 by 160: edges 200, 160, 200, 160, a strip of 15 along edge 1 for its hem
 */
export function customItem(own: CustomItem): ItemKind {
  const asks: MeasurementAsk[] = own.edges.map(({ length }, i) => ({
    id: `edge${i + 1}`,
    name: message('problem.edge', { i: i + 1 }),
    howTo: i === 0 ? message('problem.the-upper-edge-left-to') : message('problem.the-next-edge-clockwise'),
    plausible: [length * 0.5, length * 1.6],
    presets: { saved: length },
  }))
  return {
    id: customKindId,
    name: { own: own.name },
    group: 'other',
    reference: message('problem.middle-of-the-highest-edge'),
    measurements: asks,
    sizes: [{ id: 'saved', name: message('problem.as-saved') }],
    usualSize: 'saved',
    usualCloth: 'twill',
    shape: (m) => customShape(own, m),
    placements: [
      {
        id: customPlacementIds[0],
        name: message('problem.centred'),
        arrange: 'one',
        upIs: 'top.upper-edge',
        spot: () => ({ down: { ...onCentre, id: 'middleDown', line: 'middle' }, across: onCentre }),
      },
      {
        id: customPlacementIds[1],
        name: message('problem.by-distances-from-lines-or'),
        arrange: 'one',
        upIs: 'top.upper-edge',
        spot: ({ shape }) => {
          const { left, right, top, bottom } = boxOf(shape.outline)
          const [wide, high] = [right - left, bottom - top]
          return {
            down: { id: 'fromTop', line: 'top', edge: 'centre', mm: high / 2, toward: 1, plausible: [0, high] },
            across: { id: 'fromLeft', line: 'left', edge: 'centre', mm: wide / 2, toward: 1, plausible: [0, wide] },
          }
        },
      },
    ],
  }
}

function customShape({ edges, lines, strips }: CustomItem, m: Measures): ItemShape {
  const corners = walkOutline(edges.map(({ turn, length }, i) => ({ turn, length: m[`edge${i + 1}`] ?? length })))
  const raw = boxOf(corners)
  const outline = corners.map((p) => ({ x: p.x - (raw.left + raw.right) / 2, y: p.y - raw.top }))
  const box = boxOf(outline)
  const corner = (i: number): Point => outline[i % outline.length]!
  return {
    outline,
    details: [],
    zones: strips.map((strip, i) => stripZone(strip, i, outline)),
    tapes: edges.map((_, i) => ({ id: `edge${i + 1}`, from: corner(i), to: corner(i + 1) })),
    lines: [
      ...panelLines(box, { top: 'line.top-edge', bottom: 'line.lower-edge' }),
      ...lines.map(
        ({ name, axis, at }, i): ReferenceLine => ({
          id: `line${i + 1}`,
          name: message('line.own', { name: { own: name.replace(/^the /i, '').toLowerCase() } }),
          axis,
          at: axis === 'level' ? box.top + at : box.left + at,
        }),
      ),
    ],
    tube: null,
  }
}

function stripZone({ edge, depth }: CustomItem['strips'][number], i: number, outline: readonly Point[]): NoSewZone {
  const [a, b] = [outline[edge - 1], outline[edge % outline.length]]
  if (!a || !b || !(depth > 0))
    throw new CoreError('bad-strip', message('problem.strip-lies-along-no-edge', { i: i + 1 }), `strips.${i}`)
  const long = Math.hypot(b.x - a.x, b.y - a.y)
  // Walked clockwise as drawn, the inside lies a quarter turn clockwise of the way gone.
  const [nx, ny] = [(-(b.y - a.y) / long) * depth, ((b.x - a.x) / long) * depth]
  return {
    id: `strip${i + 1}`,
    name: message('zone.strip', { edge: { plain: edge } }),
    outline: [a, b, { x: b.x + nx, y: b.y + ny }, { x: a.x + nx, y: a.y + ny }],
    clear: 5,
    ring: 'free',
  }
}
