import type { Box, Point } from '@thimble/core/plane'

/** A window on a plane in millimetres: `k` pixels a millimetre, `left`, `top` the corner shown at (0, 0). */
export type View = { k: number; left: number; top: number; width: number; height: number }

export const toX = (v: View, mm: number): number => (mm - v.left) * v.k
export const toY = (v: View, mm: number): number => (mm - v.top) * v.k
export const toPath = (v: View, points: readonly Point[], closed = true): string =>
  points.map((p, i) => `${i === 0 ? 'M' : 'L'}${toX(v, p.x).toFixed(1)} ${toY(v, p.y).toFixed(1)}`).join('') +
  (closed ? 'Z' : '')

/** The whole box in the middle of the picture, with a margin in pixels. */
export function fitAll(box: Box, width: number, height: number, margin = 12): View {
  const k = Math.min((width - 2 * margin) / (box.right - box.left), (height - 2 * margin) / (box.bottom - box.top))
  return centred(box, k, width, height)
}

function centred(box: Box, k: number, width: number, height: number): View {
  return {
    k,
    width,
    height,
    left: (box.left + box.right) / 2 - width / k / 2,
    top: (box.top + box.bottom) / 2 - height / k / 2,
  }
}

/** In whole steps, so that the picture and its rulers stand still while a number grows by a little. */
const STEP = 20
const steady = (mm: number): number => Math.floor(mm / STEP) * STEP
export const steadyBox = ({ left, right, top, bottom }: Box): Box => ({
  left: steady(left),
  right: -steady(-right),
  top: steady(top),
  bottom: -steady(-bottom),
})

/**
 * The box across the whole width, and as much of its height as there is room for, about `mind` (the design and what it
 * is measured from); null when `mind` is too tall for that.
 */
export function fitWidth(box: Box, mind: Box, width: number, height: number, margin = 14): View | null {
  const k = (width - 2 * margin) / (box.right - box.left)
  const shown = height / k
  const all = centred(box, k, width, height)
  if (shown >= box.bottom - box.top + (2 * margin) / k) return all
  const air = margin / k
  if (mind.bottom - mind.top + 2 * air > shown) return null
  const middle = (mind.top + mind.bottom) / 2 - shown / 2
  return { ...all, top: steady(Math.max(box.top - air, Math.min(middle, box.bottom + air - shown))) }
}
