import type { Point } from '../plane/point'
import type { ItemShape } from './itemShape'

/** How far the item's middle lies to the side at a height: straight between the levels measured, level beyond them. */
function shiftAt(middles: readonly Point[], y: number): number {
  const [first, last] = [middles[0]!, middles[middles.length - 1]!]
  if (y <= first.y) return first.x
  if (y >= last.y) return last.x
  const next = middles.findIndex((m) => m.y >= y)
  const [a, b] = [middles[next - 1]!, middles[next]!]
  return a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x)
}

/** The item as crooked as it was measured; reference lines stay, as they are what the tape starts from. */
export function skewShape(shape: ItemShape, middles: readonly Point[]): ItemShape {
  if (middles.every((m) => m.x === 0)) return shape
  const move = (p: Point): Point => ({ x: p.x + shiftAt(middles, p.y), y: p.y })
  const moveAll = (points: readonly Point[]): Point[] => points.map(move)
  return {
    ...shape,
    outline: moveAll(shape.outline),
    details: shape.details.map((d) => ({ ...d, points: moveAll(d.points) })),
    zones: shape.zones.map((z) => ({ ...z, outline: moveAll(z.outline) })),
    tapes: shape.tapes.map((t) => ({ ...t, from: move(t.from), to: move(t.to) })),
    lines: shape.lines.map((l) =>
      l.axis === 'upright' && l.id !== 'centre' ? { ...l, at: l.at + widestShift(middles) } : l,
    ),
  }
}

const widestShift = (middles: readonly Point[]): number =>
  middles.reduce((most, m) => (Math.abs(m.x) > Math.abs(most) ? m.x : most), 0)
