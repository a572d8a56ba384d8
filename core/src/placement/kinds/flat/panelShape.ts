import { type Box, boxCorners } from '../../../plane/box'
import { type Named, message } from '../../../messages/message'
import { at } from '../../curve'
import type { DetailLine, ItemShape, NoSewZone, ReferenceLine } from '../../itemShape'
import type { CentreLevel } from '../../centreOf'
import type { Measures } from '../../measures'

type EdgeNames = { top: Named; bottom: Named; left?: Named; right?: Named }

/** The lines of a straight-edged piece: its four edges, its middle and its centre line. */
export function panelLines(box: Box, { top, bottom, left, right }: EdgeNames): ReferenceLine[] {
  return [
    { id: 'top', name: top, axis: 'level', at: box.top },
    { id: 'middle', name: 'line.middle-crease', axis: 'level', at: (box.top + box.bottom) / 2 },
    { id: 'bottom', name: bottom, axis: 'level', at: box.bottom },
    { id: 'centre', name: 'line.centre', axis: 'upright', at: (box.left + box.right) / 2 },
    { id: 'left', name: left ?? 'line.left-edge', axis: 'upright', at: box.left },
    { id: 'right', name: right ?? 'line.right-edge', axis: 'upright', at: box.right },
  ]
}

type Panel = {
  box: Box
  /** Depth kept free along all edges: hems, seam allowances. */
  hem?: number
  hemName?: Named
  /** The measurement the hem is, for its tape. */
  hemId?: string
  edges: EdgeNames
  /** Ids of the measurements its width and its height are; its tapes are drawn for them. */
  sizes: readonly [string, string]
}

/** A rectangle laid flat, with its hems, its lines and the tapes of its width and height. */
export function panelShape({ box, hem = 0, hemName, hemId, edges, sizes }: Panel): ItemShape {
  const { left, right, top, bottom } = box
  const inner = boxCorners({ left: left + hem, right: right - hem, top: top + hem, bottom: bottom - hem })
  const [width, height] = [right - left, bottom - top]
  return {
    outline: boxCorners(box),
    details: hem > 0 ? [{ kind: 'fold', points: inner, closed: true }] : [],
    zones: hemZones(box, hem, hemName),
    tapes: [
      { id: sizes[0], from: at(left, top + height * 0.12), to: at(right, top + height * 0.12) },
      { id: sizes[1], from: at(left + width * 0.07, top), to: at(left + width * 0.07, bottom) },
      ...(hemId ? [{ id: hemId, from: at(right - hem, top + height * 0.2), to: at(right, top + height * 0.2) }] : []),
    ],
    lines: panelLines(box, edges),
    tube: null,
  }
}

/** Strips of one depth along the four edges: hems, seam allowances. None for a depth of 0. */
function hemZones(box: Box, depth: number, strip: Named = 'strip.hem'): NoSewZone[] {
  if (depth <= 0) return []
  const along = (id: 'upper' | 'lower' | 'left' | 'right', part: Partial<Box>): NoSewZone => ({
    id,
    name: message('zone.side', { side: `side.${id}`, strip }),
    outline: boxCorners({ ...box, ...part }),
    clear: 5,
    ring: 'free',
  })
  return [
    along('upper', { bottom: box.top + depth }),
    along('lower', { top: box.bottom - depth }),
    along('left', { right: box.left + depth }),
    along('right', { left: box.right - depth }),
  ]
}

/** A straight line of the drawing from side to side of a box. */
export const acrossLine = (box: Box, y: number, kind: DetailLine['kind'] = 'seam'): DetailLine => ({
  kind,
  points: [at(box.left, y), at(box.right, y)],
})

/** The one level of a straight-edged piece whose halves may be measured: its width. */
export const widthLevel =
  <Known extends string>(middleY: (m: Measures<Known | 'width'>) => number) =>
  (m: Measures<Known | 'width'>): CentreLevel[] => [
    { id: 'width', name: 'level.middle', y: middleY(m), width: m.width, part: 'body' },
  ]
