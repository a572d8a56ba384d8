import { type Piece, stageDoneAt, type StageId, stageIds } from '@thimble/contract'
import type { PiecePlan } from './planPiece'

/** The first stage not done yet; a finished piece is at its last. */
export function stageOf(piece: Piece): StageId {
  return stageIds.find((stage) => !piece[stageDoneAt[stage]]) ?? 'finish'
}

/** What to do next, in words with its number, for the bench card. */
export function nextAction(piece: Piece, plan: PiecePlan): string {
  const stage = stageOf(piece)
  if (stage === 'measure') {
    if (plan.design.assumed) return 'Choose the design, or give its size.'
    if (plan.carried.size > 0) return `Measure: ${plan.carried.size} of last time’s numbers to confirm.`
    const open = plan.assumed.size
    if (open > 0) return `Measure: ${open} ${open === 1 ? 'number' : 'numbers'} still assumed from the size.`
    return plan.placement ? `Mark it: ${lowerFirst(plan.placement.summary)}` : 'Check the measurements.'
  }
  if (stage === 'build') return 'Choose what goes underneath.'
  if (stage === 'hoop') return plan.placement ? plan.placement.summary : 'Choose a hoop.'
  if (stage === 'stitch') {
    const done = Object.values(piece.checks).filter(Boolean).length
    return `Before the start: ${done} ${done === 1 ? 'line' : 'lines'} of the list ticked.`
  }
  return 'Finish it, then record how it came out.'
}

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)
