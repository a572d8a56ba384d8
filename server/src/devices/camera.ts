import type { CameraRequest, CameraLook } from '@thimble/contract/devices'
import { applyPose, type Point, type Pose } from '@thimble/core/plane'
import { drawPicture } from './cameraPicture'
import { type Seeded, seeded } from './seeded'

/** A picture of 640 x 480, the ring across most of it. */
const [WIDTH, HEIGHT] = [640, 480]
/** What is left to chance in finding a mark, in pixels. */
const SIGMA = 0.5
/** How often a mark is not seen, and how often something else is taken for one. */
const [MISSES, MISTAKES] = [0.05, 0.03]

/** How a piece was hooped that time, as nobody but the stand-in knows. */
type Hidden = { pose: Pose; stretch: number }

/** The view of a camera that hangs a little aslant over the hoop: millimetres to pixels. */
function viewOf({ outside }: CameraRequest): (p: Point) => Point {
  const scale = Math.min((WIDTH - 40) / outside.width, (HEIGHT - 40) / outside.height) * 0.92
  const [tiltX, tiltY] = [0.03 / outside.width, 0.1 / outside.height]
  return ({ x, y }) => {
    const depth = 1 + tiltX * x - tiltY * y
    return { x: WIDTH / 2 + (scale * (x + 0.04 * y)) / depth, y: HEIGHT / 2 + (scale * y) / depth }
  }
}

function hiddenOf(chance: Seeded): Hidden {
  return {
    pose: { x: 3.5 * chance.bell(), y: 3.5 * chance.bell(), rotation: 2.2 * chance.bell() },
    stretch: Math.max(0, 0.008 + 0.006 * chance.bell()),
  }
}

/**
 * A machine's camera that is none: it makes up how the piece was hooped, from the seed, the piece and which hooping it is,
 * and tells what it sees of that, with the noise, the misses and the mistakes of a real one. `look`: how often it looked before.
 */
export function lookAtHoop(ask: CameraRequest, { seed, look }: { seed: string; look: number }): CameraLook {
  const { pose, stretch } = hiddenOf(seeded(seed, ask.piece, ask.hooping))
  const chance = seeded(seed, ask.piece, ask.hooping, 'look', look)
  const view = viewOf(ask)
  const { x, y } = ask.notchOffset ?? { x: 0, y: 0 }
  const [w, h] = [ask.outside.width / 2, ask.outside.height / 2]
  const places = [
    { x, y: y - h },
    { x: x + w, y },
    { x, y: y + h },
    { x: x - w, y },
  ]
  const blur = (p: Point): Point => ({ x: round(p.x + SIGMA * chance.bell()), y: round(p.y + SIGMA * chance.bell()) })
  const lying = ask.marks.map(({ id, expected }) => ({
    id,
    at: view(applyPose(pose, { x: expected.x * (1 + stretch), y: expected.y })),
  }))
  const seen = lying.map(({ id, at }) => ({ id, at, luck: chance.even() }))
  const found = seen.filter(({ luck }) => luck >= MISSES)
  const marks = found.map(({ id, at, luck }) =>
    luck < MISSES + MISTAKES
      ? { id, at: blur({ x: at.x + 60 * (chance.even() - 0.5), y: at.y + 45 }) }
      : { id, at: blur(at) },
  )
  const notches = places.map((place) => blur(view(place)))
  return {
    ...{ width: WIDTH, height: HEIGHT, notches, marks, sigma: SIGMA },
    missed: seen.filter(({ luck }) => luck < MISSES).map(({ id }) => id),
    picture: drawPicture({ ask, view, lying: lying.map(({ at }) => at), width: WIDTH, height: HEIGHT }),
  }
}

const round = (px: number): number => Math.round(px * 100) / 100
