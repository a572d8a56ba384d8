import type { Thread } from '@thimble/contract'
import { nearestThreads } from '@thimble/core/colour'
import { type Spools, spoolFor } from '@thimble/plan'

export const weights = ['12', '30', '40', '60'].map((id) => ({ id, name: `${id} weight` }))

export const fibreNames: readonly { id: Thread['fibre']; name: string }[] = [
  { id: 'polyester', name: 'Polyester' },
  { id: 'rayon', name: 'Rayon' },
  { id: 'matte-polyester', name: 'Matte polyester' },
  { id: 'metallic', name: 'Metallic' },
]

export const fibreName = (id: Thread['fibre']): string => fibreNames.find((f) => f.id === id)!.name.toLowerCase()

/**
 * What the stash calls a colour: the spool chosen for it, or the one that is the same to the eye; where there is none, the
 * nearest is named beside its code.
 */
export function threadFor(colour: string, threads: readonly Thread[], spools?: Spools): string {
  const same = spoolFor(colour, threads, spools)
  if (same) return same.name
  const [best] = nearestThreads(colour, threads)
  return best ? `${colour}; nearest is ${best.thread.name}` : colour
}
