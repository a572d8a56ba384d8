import type { Hoop } from '@thimble/contract'
import { fitReasons, placeInHoop } from '@thimble/core/hooping'
import type { Point, Pose } from '@thimble/core/plane'
import type { HoopOffer } from './offerHoop'

/** `hulls`: what is sewn at once at each place, of the last at all that follow. */
type Lying = { hoop: Pick<Hoop, 'field'>; hulls: readonly Point[][] }

/** An offer with the design elsewhere in the field than it was offered: room, reasons and what is dialled are those of there. */
export function lyingAt(offer: HoopOffer, poses: Pose[], { hoop, hulls }: Lying): HoopOffer {
  if (poses.every((pose, i) => same(pose, offer.poses[i]!))) return offer
  const fits = poses.map((pose, i): HoopOffer['fit'] =>
    placeInHoop({ hull: hullAt(hulls, i), field: hoop.field, pose }),
  )
  // Of several places the one with the least room speaks for all.
  const worst = fits.reduce((least, fit, i) => (fit.clearance < fits[least]!.clearance - 1e-9 ? i : least), 0)
  const [from, to, fit] = [offer.poses[worst]!, poses[worst]!, fits[worst]!]
  const move = { x: offer.move.x + to.x - from.x, y: offer.move.y + to.y - from.y }
  const others = offer.reasons.filter(({ code }) => !OF_PLACE.includes(code))
  return { ...offer, pose: poses[0]!, poses, move, fit, reasons: [...fitReasons({ fit, move }), ...others] }
}

export const hullAt = (hulls: readonly Point[][], i: number): Point[] => hulls[Math.min(i, hulls.length - 1)]!

/** What is said of the place in the field. */
const OF_PLACE = ['room', 'tight', 'off-middle']

const same = (a: Pose, b: Pose): boolean => a.x === b.x && a.y === b.y && a.rotation === b.rotation
