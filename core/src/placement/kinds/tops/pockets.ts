import { boxCorners } from '../../../plane/box'
import { at } from '../../curve'
import type { ItemShape } from '../../itemShape'
import { type Top, topFrame } from './topFrame'

/** A pouch pocket across the middle of the front, drawn only once it is measured. */
export function withPouch(shape: ItemShape, m: Top): ItemShape {
  if (m.pocketTop === undefined || m.pocketWidth === undefined) return shape
  const { hem } = topFrame(m)
  const [top, half, foot] = [m.pocketTop, m.pocketWidth / 2, Math.max(m.pocketTop + 40, hem - 65)]
  const low = half * 1.5
  const outline = [
    at(-half, top),
    at(half, top),
    at(low, top + (foot - top) * 0.6),
    at(low, foot),
    at(-low, foot),
    at(-low, top + (foot - top) * 0.6),
  ]
  return {
    ...shape,
    details: [...shape.details, { kind: 'seam', points: outline, closed: true }],
    zones: [...shape.zones, { id: 'pocket', name: 'zone.pouch', outline, clear: 20, ring: 'refused' }],
    tapes: [
      ...shape.tapes,
      { id: 'pocketTop', from: at(0, 0), to: at(0, top) },
      { id: 'pocketWidth', from: at(-half, top), to: at(half, top) },
    ],
    lines: [...shape.lines, { id: 'pocket', name: 'line.pocket-top', axis: 'level', at: top }],
  }
}

/** A patch pocket on the wearer's left chest, drawn only once it is measured. */
export function withPatchPocket(shape: ItemShape, m: Top): ItemShape {
  if (m.pocketTop === undefined || m.pocketAcross === undefined || m.pocketWidth === undefined) return shape
  const [top, middle, half] = [m.pocketTop, m.pocketAcross, m.pocketWidth / 2]
  const outline = boxCorners({ left: middle - half, right: middle + half, top, bottom: top + m.pocketWidth * 1.15 })
  return {
    ...shape,
    details: [...shape.details, { kind: 'seam', points: outline, closed: true }],
    zones: [...shape.zones, { id: 'pocket', name: 'zone.patch-pocket', outline, clear: 8, ring: 'refused' }],
    tapes: [
      ...shape.tapes,
      { id: 'pocketTop', from: at(middle + half * 0.7, 0), to: at(middle + half * 0.7, top) },
      { id: 'pocketAcross', from: at(0, top + 10), to: at(middle, top + 10) },
      { id: 'pocketWidth', from: at(middle - half, top), to: at(middle + half, top) },
    ],
    lines: [
      ...shape.lines,
      { id: 'pocket', name: 'line.pocket-top', axis: 'level', at: top },
      { id: 'pocket-middle', name: 'line.pocket-middle', axis: 'upright', at: middle },
    ],
  }
}
