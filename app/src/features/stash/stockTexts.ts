import { stash as t } from '@thimble/language/en/stash'
import type { Account } from '@thimble/contract'
import { readNumber } from '@thimble/plan'
import { amountText } from '@/words/stockWords'
import { readLong } from './onRoll'

export type StockKind = 'bought' | 'cut' | 'used' | 'corrected'
type Cut = { sheetMm?: number | null }

const MOST = 100_000

/** Whether records take of it by themselves, so that a hand has not to write that down too. */
export const pieceTakes = (of: Account): boolean => of === 'supplies.leftMm' || of === 'threads.leftM'

/** What can be written down of a thing by hand: what happened, and the unit it is typed in. */
export function waysToMove(
  of: Account,
  { sheetMm }: Cut = {},
): { kinds: { id: StockKind; name: string }[]; unit: string } {
  const counted = { id: 'corrected' as const, name: t('stock-count') }
  if (of === 'supplies.leftMm')
    return {
      kinds: [{ id: 'bought', name: t('bought') }, { id: 'cut', name: t('cut-off') }, counted],
      unit: sheetMm ? t('sheets') : 'm',
    }
  const bought = { id: 'bought' as const, name: of === 'bobbins.left' ? t('wound') : t('bought') }
  return { kinds: [bought, { id: 'used', name: t('used') }, counted], unit: of === 'threads.leftM' ? 'm' : '' }
}

/** What was typed, in the account's own unit. */
export function readAmount(
  of: Account,
  text: string,
  { sheetMm }: Cut = {},
): { value: number | null; problem: string | null } {
  if (text.trim() === '') return { value: null, problem: null }
  if (of === 'supplies.leftMm' && !sheetMm) {
    const { mm, problem } = readLong(text, 'm')
    return { value: mm, problem }
  }
  const { value, problem } = readNumber(text.replace(/\s*(m|sheets?)\.?$/i, ''), MOST)
  return { value: value === null || !sheetMm ? value : value * sheetMm, problem }
}

/** The movement that a kind and an amount come to, and the sentence it is told with. */
export function movedBy(of: Account, name: string, kind: StockKind, amount: number, cut: Cut = {}) {
  const size = amountText(of, amount, cut)
  if (kind === 'corrected') return { moved: { kind, found: amount }, says: t('counted', { name, size }) }
  if (kind === 'bought') return { moved: { kind, amount }, says: t('came-in', { name, size }) }
  return { moved: { kind, amount: -amount }, says: t('went-out', { name, size }) }
}
