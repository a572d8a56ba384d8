import type { LengthStyle } from '@thimble/core/lengths'
import type { PlacementPlan } from '@thimble/core/placement'
import { writeMessage } from '@thimble/language'

/** The “is that right?” of one number, to stand at its field. */
export function oddText(placement: PlacementPlan | null, id: string, style: LengthStyle): string | undefined {
  const odd = placement?.warnings.find((w) => w.code === `is-that-right:${id}`)
  return odd && writeMessage(odd.said, style)
}
