import type { HalfPlane } from '../../plane/halfPlane'
import type { ConvexField, Span } from './convexField'

/**
 * An ellipse about the origin, halves `a` x `b`, less a margin: the parallel curve inside it. Where the margin
 * passes the tightest curvature the parallel curve crosses itself, and the field ends in a corner there.
 */
// eslint-disable-next-line max-lines-per-function -- one field as a closure over its two halves
export function ovalField(a: number, b: number, margin: number): ConvexField | null {
  if (a < b) {
    const turned = ovalField(b, a, margin)
    return turned && swapped(turned)
  }
  if (margin >= b) return null
  const tip = tipOf(a, b, margin)

  const signedDistance = (x: number, y: number): number => {
    const [sin, cos] = footOnEllipse(a, b, Math.abs(x), Math.abs(y))
    const gx = Math.abs(x) - a * cos
    const gy = Math.abs(y) - b * sin
    const gap = Math.sqrt(gx * gx + gy * gy)
    const depth = ((x / a) * (x / a) + (y / b) * (y / b) <= 1 ? gap : -gap) - margin
    return depth >= 0 || sin >= tip.sin ? depth : -Math.hypot(Math.abs(x) - tip.x, y)
  }
  // The farthest the ellipse goes along n is |(a nx, b ny)|; its parallel curve, one margin less.
  const tangent = (ox: number, oy: number): HalfPlane => {
    const size = Math.hypot(ox, oy)
    const [nx, ny] = [ox / size, oy / size]
    return { nx, ny, d: Math.hypot(a * nx, b * ny) - margin }
  }
  const support = (x: number, y: number): HalfPlane => {
    const [sx, sy] = [x < 0 ? -1 : 1, y < 0 ? -1 : 1]
    const [sin, cos] = footOnEllipse(a, b, Math.abs(x), Math.abs(y))
    if (sin >= tip.sin) return tangent(sx * b * cos, sy * a * sin)
    const far = Math.hypot(Math.abs(x) - tip.x, y)
    const [ox, oy] = [(Math.abs(x) - tip.x) / far, Math.abs(y) / far]
    return { nx: sx * ox, ny: sy * oy, d: ox * tip.x }
  }

  // The parallel curve in the first quadrant by s = sin t, rising in y and falling in x from the tip.
  const stretch = (s: number): number => Math.sqrt(b * b * (1 - s * s) + a * a * s * s)
  const curveY = (s: number): number => s * (b - (margin * a) / stretch(s))
  const curveX = (s: number): number => Math.sqrt(Math.max(0, 1 - s * s)) * (a - (margin * b) / stretch(s))
  const solve = (below: (s: number) => boolean): number => {
    let [low, high] = [tip.sin, 1]
    for (let i = 0; i < 46; i++) {
      const middle = (low + high) / 2
      if (below(middle)) low = middle
      else high = middle
    }
    return (low + high) / 2
  }
  const symmetric = (to: number): Span => ({ from: -to, to })

  return {
    signedDistance,
    // A point on the ellipse k times as large lies at least (1 - k) b inside, at most (k - 1) a outside. Past a
    // margin's corner the distance is to the corner, which this does not know.
    roomAtLeast: (x, y) => {
      const k = Math.sqrt((x / a) * (x / a) + (y / b) * (y / b))
      const room = (1 - k) * (k <= 1 ? b : a) - margin
      return room > 0 || tip.sin === 0 ? room : -Infinity
    },
    support,
    tangents: tangentsRound((a * a) / b, tangent),
    bounds: [
      { nx: 1, ny: 0, d: tip.x },
      { nx: -1, ny: 0, d: tip.x },
      { nx: 0, ny: 1, d: b - margin },
      { nx: 0, ny: -1, d: b - margin },
    ],
    row(y) {
      const height = Math.abs(y)
      if (height > b - margin + 1e-6) return null
      return symmetric(curveX(margin === 0 ? Math.min(1, height / b) : solve((s) => curveY(s) < height)))
    },
    column(x) {
      const across = Math.abs(x)
      if (across > tip.x + 1e-6) return null
      const s = margin === 0 ? Math.sqrt(Math.max(0, 1 - (across / a) ** 2)) : solve((t) => curveX(t) > across)
      return symmetric(curveY(s))
    },
  }
}

/** Tangents so close together that two neighbours meet at most 0.004 mm outside the curve where it is flattest. */
function tangentsRound(flattest: number, tangent: (ox: number, oy: number) => HalfPlane): HalfPlane[] {
  const count = 4 * Math.ceil(Math.PI / 2 / Math.sqrt((8 * 0.004) / flattest))
  return Array.from({ length: count }, (_, i) => {
    const t = (2 * Math.PI * i) / count
    return tangent(Math.cos(t), Math.sin(t))
  })
}

/** Where the inner parallel curve meets the long axis: at the vertex, or further in, in a corner. */
function tipOf(a: number, b: number, margin: number): { sin: number; x: number } {
  if (margin * a <= b * b) return { sin: 0, x: a - margin }
  const square = ((margin * a) / b) ** 2
  const sin = Math.sqrt((square - b * b) / (a * a - b * b))
  return { sin, x: Math.sqrt(1 - sin * sin) * (a - (b * b) / a) }
}

/**
 * Sine and cosine of the parameter of the ellipse point nearest to a first-quadrant point. The derivative g of the
 * squared distance has one falling root in the quadrant (Eberly, "Distance from a point to an ellipse"): Newton's
 * steps from the radial guess, and the direction half-way between the nearest known on either side where they leave it.
 */
function footOnEllipse(a: number, b: number, x: number, y: number): [number, number] {
  const flat = a * a - b * b
  const [ax, by] = [a * x, b * y]
  const size = Math.sqrt(a * y * (a * y) + b * x * (b * x))
  if (size === 0) return [1, 0]
  let [sin, cos] = [(a * y) / size, (b * x) / size]
  let [lowSin, lowCos, highSin, highCos] = [0, 1, 1, 0]
  for (let i = 0; i < 60; i++) {
    const g = -ax * sin + by * cos + flat * sin * cos
    const slope = -ax * cos - by * sin + flat * (cos * cos - sin * sin)
    // On the long axis g is nought at its end too, but rises from there.
    if (g > 0 || (g === 0 && slope >= 0)) [lowSin, lowCos] = [sin, cos]
    else [highSin, highCos] = [sin, cos]
    const step = -g / slope
    let s = sin + cos * step
    let c = cos - sin * step
    const astray = !(slope < 0) || Math.abs(step) > 0.5 || s * lowCos < c * lowSin || s * highCos > c * highSin
    if (astray) [s, c] = [lowSin + highSin, lowCos + highCos]
    const norm = Math.sqrt(s * s + c * c)
    const far = Math.abs((s * cos - c * sin) / norm)
    sin = s / norm
    cos = c / norm
    if (far < 1e-9) break
  }
  return [sin, cos]
}

function swapped(field: ConvexField): ConvexField {
  const turn = ({ nx, ny, d }: HalfPlane): HalfPlane => ({ nx: ny, ny: nx, d })
  return {
    signedDistance: (x, y) => field.signedDistance(y, x),
    roomAtLeast: (x, y) => field.roomAtLeast!(y, x),
    support: (x, y) => turn(field.support(y, x)),
    tangents: field.tangents!.map(turn).reverse(),
    bounds: field.bounds.map(turn),
    row: (y) => field.column(y),
    column: (x) => field.row(x),
  }
}
