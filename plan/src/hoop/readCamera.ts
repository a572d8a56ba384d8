import type { Piece } from '@thimble/contract'
import type { CameraLook } from '@thimble/contract/devices'
import { CoreError } from '@thimble/core/errors'
import type { LengthStyle } from '@thimble/core/lengths'
import type { Point } from '@thimble/core/plane'
import { applyHomography, homographyFrom } from '@thimble/core/cameraMapping'
import type { RingAtHand } from './hoopingAtHand'
import { writeLanded } from './writeLanded'

type Landed = Piece['hoop']['landed']

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
