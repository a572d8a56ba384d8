import { compareChoices } from '@thimble/core/hooping'
import type { HoopOffer } from './offerHoop'

/**
 * The best way of holding comes before room in the field: a smaller ring that takes the cloth before one it is floated on. A
 * way counts as what it is worth at least, so that a ring in which it is the only one left is not the better for that.
 */
export function rankOffers(offers: HoopOffer[]): HoopOffer[] {
  const worth = (method: HoopOffer['method']): number =>
    Math.min(...offers.filter((one) => one.method === method && one.fits).map((one) => one.advice.worth))
  return offers.sort(
    (a, b) =>
      Number(b.fits) - Number(a.fits) ||
      (a.fits && a.method !== b.method ? worth(b.method) - worth(a.method) : 0) ||
      compareChoices(a, b),
  )
}
