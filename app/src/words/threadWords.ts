import type { Thread } from '@thimble/contract'
import { nearestThreads, sameToTheEye } from '@thimble/core/colour'

export const weights = ['12', '30', '40', '60'].map((id) => ({ id, name: `${id} weight` }))

export const fibreNames: readonly { id: Thread['fibre']; name: string }[] = [
  { id: 'polyester', name: 'Polyester' },
  { id: 'rayon', name: 'Rayon' },
  { id: 'matte-polyester', name: 'Matte polyester' },
  { id: 'metallic', name: 'Metallic' },
]

export const fibreName = (id: Thread['fibre']): string => fibreNames.find((f) => f.id === id)!.name.toLowerCase()

/** What the stash calls a colour; where it has none that is the same to the eye, the nearest is named beside its code. */
export function threadFor(colour: string, threads: readonly Thread[]): string {
  const same = sameToTheEye(colour, threads)
  if (same) return same.name
  const [best] = nearestThreads(colour, threads)
  return best ? `${colour}; nearest is ${best.thread.name}` : colour
}
