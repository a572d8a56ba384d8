import type { Basis, RecordDecision, DecidedStack, Machine, Piece } from '@thimble/contract'
import type { Message } from '@thimble/core/messages'
import type { FaultId } from '@thimble/core/outcomes'
import { type Afterwards, type Cause, likelyCauses, rescueOf } from '@thimble/core/faultCauses'
import { triesOf } from '../hoop/checkStraight'
import { factsFrom } from '../stack/recipeInput'
import { coreLayers } from '../stack/stacks'

type Used = {
  basis: Basis
  stack: DecidedStack
  holding: RecordDecision['holding']
  tension: RecordDecision['tension']
  turn: RecordDecision['turn']
  /** The machine as it was then; null: not known. */
  machine: Pick<Machine, 'needle' | 'needleMinutes' | 'needleStrikes'> | null
}

/** Why its faults came, by what was really used: for each fault the likeliest cause first. Empty without a stack. */
export function troublesOf(
  piece: Piece,
  faults: readonly FaultId[],
  used: Used | null,
): [FaultId, Cause[], Message | null][] {
  if (!used) return []
  const after = afterwardsOf(piece, used)
  return faults.map((fault) => [fault, likelyCauses(fault, after), rescueOf(fault, after)])
}

function afterwardsOf(piece: Piece, { basis, stack, holding, tension, turn, machine }: Used): Afterwards {
  const tries = triesOf(piece)
  const kept = tries.findLast((one) => one.then === 'kept')
  const skipped = piece.stitch.kept[0]?.list.filter(({ ticked }) => !ticked).map(({ id }) => id) ?? []
  return {
    ...factsFrom(basis),
    stack: { holding: holding ?? stack.holding, layers: coreLayers(stack.layers), needle: stack.needle },
    ...{ bobbin: stack.bobbin, speedSpm: stack.speedSpm, tension, skipped },
    pulledPercent: kept ? 100 * Math.max(kept.stretch.along, kept.stretch.across) : null,
    looked: piece.hoop.kept[0]?.pose ? kept !== undefined : null,
    turned: turn !== null && turn !== 0,
    needleMinutes: machine?.needle ? machine.needleMinutes : null,
    needleStrikes: machine?.needle ? machine.needleStrikes : null,
  }
}
