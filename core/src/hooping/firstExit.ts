/** The finest step of a search for the first bad turn: 0.05 degrees. */
const LEAST_STEP = (0.05 * Math.PI) / 180
const TOUCH = 1e-6

/**
 * The first angle in radians, from 0 up to `limit`, at which `room` falls below touching.
 *
 * `room(angle)` is a lower bound of the clearance in mm, and no point moves more than `radius` mm per radian, so a
 * step of room / radius is always safe. Where that gets too small a least step is taken, and an exit inside it is
 * found by halving; an excursion that begins and ends inside one least step is under radius x 1e-7 mm deep.
 */
export function firstExit(room: (angle: number) => number, radius: number, limit: number): number {
  let angle = 0
  let here = room(0)
  while (angle < limit) {
    const next = Math.min(limit, angle + Math.max(LEAST_STEP, here / Math.max(radius, 1e-9)))
    const there = room(next)
    if (there < -TOUCH) return halve(room, angle, next)
    angle = next
    here = there
  }
  return limit
}

function halve(room: (angle: number) => number, good: number, bad: number): number {
  let [low, high] = [good, bad]
  while (high - low > 1e-7) {
    const middle = (low + high) / 2
    if (room(middle) < -TOUCH) high = middle
    else low = middle
  }
  return low
}
