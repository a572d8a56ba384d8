import type { Bobbin, DecidedStack } from '@thimble/contract'
import { sameToTheEye } from '@thimble/core/colour'

const asWound = { black: '#000000', white: '#ffffff' } as const

/** Whether bobbins are kept count of and none of the advised weight and colour is left; one to match is not looked for. */
export function bobbinShort(advised: DecidedStack['bobbin'], drawer: readonly Bobbin[]): boolean {
  if (!advised || advised.colour === 'match' || drawer.length === 0) return false
  const left = drawer.filter((one) => one.left > 0 && one.weight === advised.weight)
  return sameToTheEye(asWound[advised.colour], left) === null
}
