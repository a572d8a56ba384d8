import type { Piece } from '@thimble/contract'
import type { CameraRequest } from '@thimble/contract/devices'
import type { StraightCheck } from './checkStraight'

/** What the camera is shown of the hooping at hand. */
export function cameraAsk(piece: Pick<Piece, 'id' | 'hoop' | 'build'>, { at, sought }: StraightCheck): CameraRequest {
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
