import { things as t } from '@thimble/language/en/things'
import type { Thread } from '@thimble/contract'
import { nearestThreads } from '@thimble/core/colour'
import { type Spools, spoolFor } from '@thimble/plan'

export const weights = ['12', '30', '40', '60'].map((id) => ({ id, name: t('weight', { id }) }))

export const fibreNames: readonly { id: Thread['fibre']; name: string }[] = [
  { id: 'polyester', name: t('polyester') },
  { id: 'rayon', name: t('rayon') },
  { id: 'matte-polyester', name: t('matte-polyester') },
  { id: 'metallic', name: t('metallic') },
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
  return best ? t('nearest-is', { colour, name: best.thread.name }) : colour
}
