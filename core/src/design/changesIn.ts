import { clothAfter, clothDue, NO_CLOTH, type PatchBits } from './patchBits'

/** Times the machine stops between blocks: for another thread, or for cloth of a patch; the first threading not counted. */
export function changesIn(colours: readonly string[], patches: readonly PatchBits[] | null = null): number {
  let cloth = NO_CLOTH
  return colours.filter((colour, i) => {
    const patch = patches?.[i]
    const halts = patch !== undefined && clothDue(cloth, patch)
    if (patch) cloth = clothAfter(cloth, patch)
    return i > 0 && (halts || colour !== colours[i - 1])
  }).length
}
