import type { ConvexField } from './convexField'

/** A rectangle with rounded corners about the origin, halves `a` x `b`; null when the margin eats it up. */
export function rectField(a: number, b: number, cornerRadius: number, margin: number): ConvexField | null {
  const [hx, hy] = [a - margin, b - margin]
  if (hx <= 0 || hy <= 0) return null
  const r = Math.max(0, Math.min(cornerRadius, a, b) - margin)
  const [ix, iy] = [hx - r, hy - r]

  const reach = (half: number, inner: number, over: number): number =>
    over <= 0 ? half : inner + Math.sqrt(Math.max(0, r * r - over * over))

  return {
    signedDistance(x, y) {
      const qx = Math.abs(x) - ix
      const qy = Math.abs(y) - iy
      if (qx > 0 && qy > 0) return r - Math.sqrt(qx * qx + qy * qy)
      return r - (qx > qy ? qx : qy)
    },
    support(x, y) {
      const [qx, qy] = [Math.abs(x) - ix, Math.abs(y) - iy]
      const [sx, sy] = [x < 0 ? -1 : 1, y < 0 ? -1 : 1]
      if (qx > 0 && qy > 0) {
        const far = Math.hypot(qx, qy)
        const [nx, ny] = [qx / far, qy / far]
        return { nx: sx * nx, ny: sy * ny, d: nx * ix + ny * iy + r }
      }
      return qx > qy ? { nx: sx, ny: 0, d: hx } : { nx: 0, ny: sy, d: hy }
    },
    bounds: [
      { nx: 1, ny: 0, d: hx },
      { nx: -1, ny: 0, d: hx },
      { nx: 0, ny: 1, d: hy },
      { nx: 0, ny: -1, d: hy },
    ],
    row(y) {
      if (Math.abs(y) > hy + 1e-6) return null
      const to = reach(hx, ix, Math.abs(y) - iy)
      return { from: -to, to }
    },
    column(x) {
      if (Math.abs(x) > hx + 1e-6) return null
      const to = reach(hy, iy, Math.abs(x) - ix)
      return { from: -to, to }
    },
  }
}
