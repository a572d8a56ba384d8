import type { Box } from '../plane/box'
import type { Point } from '../plane/point'
import { line, type TemplateInk, text } from './templateInk'

/** Part of a line inside a box (Liang-Barsky); null when it runs past. */
function clipLine(from: Point, to: Point, box: Box): [Point, Point] | null {
  const [dx, dy] = [to.x - from.x, to.y - from.y]
  let [t0, t1] = [0, 1]
  for (const [p, q] of [
    [-dx, from.x - box.left],
    [dx, box.right - from.x],
    [-dy, from.y - box.top],
    [dy, box.bottom - from.y],
  ] as const) {
    if (p === 0) {
      if (q < 0) return null
      continue
    }
    const t = q / p
    if (p < 0) t0 = Math.max(t0, t)
    else t1 = Math.min(t1, t)
    if (t0 > t1) return null
  }
  const on = (t: number): Point => ({ x: from.x + t * dx, y: from.y + t * dy })
  return [on(t0), on(t1)]
}

const inside = (p: Point, box: Box): boolean =>
  p.x >= box.left && p.x <= box.right && p.y >= box.top && p.y <= box.bottom

/** The ink that falls into `part` of the drawing, moved so that the part's corner comes to `corner` on the paper. */
export function cutOut(ink: readonly TemplateInk[], part: Box, corner: Point): TemplateInk[] {
  const move = (p: Point): Point => ({ x: p.x - part.left + corner.x, y: p.y - part.top + corner.y })
  return ink.flatMap((mark): TemplateInk[] => {
    if (mark.kind === 'text') return inside(mark.at, part) ? [{ ...mark, at: move(mark.at) }] : []
    if (mark.kind === 'filled')
      return mark.points.every((p) => inside(p, part)) ? [{ ...mark, points: mark.points.map(move) }] : []
    const kept = clipLine(mark.from, mark.to, part)
    return kept ? [{ ...mark, from: move(kept[0]), to: move(kept[1]) }] : []
  })
}

/** How a length is cut into pieces of `room`, each overlapping the next by `overlap`: the starts of the pieces. */
export function tileStarts(length: number, room: number, overlap: number): number[] {
  if (length <= room) return [0]
  const count = Math.ceil((length - overlap) / (room - overlap) - 1e-9)
  return Array.from({ length: count }, (_, i) => i * (room - overlap))
}

/**
 * Crosses on the strips where two pages overlap, the same on both: laid on each other, the pages are joined true.
 * Each has a letter, so that no two are mixed up.
 */
export function joinMarks(
  xs: readonly number[],
  ys: readonly number[],
  room: { width: number; height: number },
  overlap: number,
): TemplateInk[] {
  const ink: TemplateInk[] = []
  let letter = 0
  const cross = (x: number, y: number): void => {
    const name = String.fromCharCode(65 + (letter % 26)) + (letter >= 26 ? String(Math.floor(letter / 26)) : '')
    letter++
    ink.push(
      line({ x: x - 4, y }, { x: x + 4, y }, 0.2),
      line({ x, y: y - 4 }, { x, y: y + 4 }, 0.2),
      text({ x: x + 1.2, y: y - 1.2 }, name, 3),
    )
  }
  xs.slice(1).forEach((x) =>
    ys.forEach((y) => [0.25, 0.75].forEach((k) => cross(x + overlap / 2, y + room.height * k))),
  )
  ys.slice(1).forEach((y) => xs.forEach((x) => [0.25, 0.75].forEach((k) => cross(x + room.width * k, y + overlap / 2))))
  return ink
}
