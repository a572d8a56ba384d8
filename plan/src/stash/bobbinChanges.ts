import type { Bobbin, DecidedStack, Machine } from '@thimble/contract'
import { type BobbinPlan, bobbinPlan } from '@thimble/core/thread'
import type { ThreadPlan } from '../stack/threadPlan'

/** `left`: metres on the bobbin that is in; `full`: on a fresh one; `fresh`: none is known to be in, so one is put in first. */
export type BobbinChanges = BobbinPlan & { left: number; full: number; fresh: boolean }

type In = Pick<Machine, 'bobbin' | 'bobbinM'>

/** Metres on a fresh bobbin: as on the one that is in, else as on the fullest of the stack's weight; null: not known. */
export function woundOnFresh(
  { bobbin }: Pick<Machine, 'bobbin'>,
  advised: DecidedStack['bobbin'],
  wound: readonly Bobbin[],
): number | null {
  const alike = wound.filter(({ weight, left }) => left > 0 && (!advised || weight === advised.weight))
  return bobbin?.woundM ?? (Math.max(0, ...alike.map(({ woundM }) => woundM)) || null)
}

/**
 * Where the bobbin is changed while a piece is sewn; null while nothing is known of how much a bobbin holds.
 *
 * @param wound bobbins of the stash: of those of the stack's weight the fullest there is one of
 */
export function bobbinChanges(
  { blocks }: Pick<ThreadPlan, 'blocks'>,
  { bobbin: advised }: Pick<DecidedStack, 'bobbin'>,
  { bobbin, bobbinM }: In,
  wound: readonly Bobbin[],
): BobbinChanges | null {
  const full = woundOnFresh({ bobbin }, advised, wound)
  if (full === null) return null
  const left = Math.max(0, bobbinM ?? full)
  const needMetresByBlock = blocks.map(({ bobbinMetres }) => bobbinMetres)
  return {
    ...bobbinPlan({ needMetresByBlock, bobbinMetres: full, leftMetres: left }),
    ...{ left, full, fresh: bobbinM === null },
  }
}
