import type { Hoop } from '@thimble/contract'
import type { HoopChoiceSource } from '@thimble/core/hooping'

/** A hoop of the stash as the core asks. */
export const sourceOf = ({ id, name, field, outside, clamp, maxThicknessMm, notchOffset }: Hoop): HoopChoiceSource => ({
  id,
  name,
  field,
  outside,
  clamp,
  ...(maxThicknessMm ? { maxThicknessMm } : {}),
  ...(notchOffset ? { notchOffset } : {}),
})
