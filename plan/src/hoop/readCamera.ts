import type { CameraAsk, CameraLook, Piece } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import type { LengthStyle } from '@thimble/core/lengths'
import { applyHomography, homographyFrom, type Point } from '@thimble/core/plane'
import type { StraightCheck } from './checkStraight'
import type { RingAtHand } from './hoopingAtHand'

type Landed = Piece['hoop']['landed']

/** What the camera is shown of the hooping at hand. */
export function cameraAsk(piece: Pick<Piece, 'id' | 'hoop' | 'build'>, { at, sought }: StraightCheck): CameraAsk {
  const again = Object.values(piece.hoop.tries).filter((one) => one.then === 'again').length
  return {
    piece: piece.id,
    hooping: again + 100 * at.group,
    outside: at.hoop.outside,
    notchOffset: at.hoop.notchOffset,
    cloth: piece.build.cloth.colour,
    marks: sought.map(({ id, expected }) => ({ id, expected })),
  }
}

/**
 * Where the camera's marks lie on the hoop's grid: its picture is a view from aslant, which the ring's four notches tell.
 * `off`: how far that may be wrong, in mm. Null where its notches fix no view.
 */
export function readCamera(
  look: CameraLook,
  ring: RingAtHand,
  style: LengthStyle,
): { landed: Landed; off: number } | null {
  const [w, h] = [ring.outside.width / 2, ring.outside.height / 2]
  const places: Point[] = [
    { x: 0, y: -h },
    { x: w, y: 0 },
    { x: 0, y: h },
    { x: -w, y: 0 },
  ]
  try {
    const view = homographyFrom(look.notches.map((from, i) => ({ from, to: places[i]! })))
    const landed = look.marks.map(({ id, at }) => [id, writeLanded(applyHomography(view, at), style)] as const)
    const across = Math.hypot(look.notches[1]!.x - look.notches[3]!.x, look.notches[1]!.y - look.notches[3]!.y)
    return { landed: Object.fromEntries(landed), off: (2 * look.sigma * ring.outside.width) / across }
  } catch (error) {
    if (error instanceof CoreError) return null
    throw error
  }
}

/** A place on the hoop's grid as it would be typed; counted from where the notches cross. */
export function writeLanded({ x, y }: Point, { unit }: LengthStyle): Landed[string] {
  const [size, places] = { mm: [1, 1], cm: [10, 2], in: [25.4, 2] }[unit] as [number, number]
  const write = (mm: number): string => {
    const text = (Math.abs(mm) / size).toFixed(places)
    return Number(text) === 0 ? '0' : mm < 0 ? `−${text}` : text
  }
  return { right: write(x), down: write(y) }
}
