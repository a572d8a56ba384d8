import type { Thread } from '@thimble/contract'
import { nearestThreads } from '@thimble/core/colour'

export const weights = ['12', '30', '40', '60'].map((id) => ({ id, name: `${id} weight` }))

export const fibreNames: readonly { id: Thread['fibre']; name: string }[] = [
  { id: 'polyester', name: 'Polyester' },
  { id: 'rayon', name: 'Rayon' },
  { id: 'matte-polyester', name: 'Matte polyester' },
  { id: 'metallic', name: 'Metallic' },
]

export const fibreName = (id: Thread['fibre']): string => fibreNames.find((f) => f.id === id)!.name.toLowerCase()

/** CIEDE2000 under which two colours are hardly to be told apart. */
const SAME_TO_THE_EYE = 3

/** What the stash calls a colour; where it has none that is the same to the eye, the nearest is named beside its code. */
export function threadFor(colour: string, threads: readonly Thread[]): string {
  const [best] = nearestThreads(colour, threads)
  if (!best) return colour
  return best.distance < SAME_TO_THE_EYE ? best.thread.name : `${colour}; nearest is ${best.thread.name}`
}
