import { type Counted, many } from '@thimble/language/en/counts'
import { things as t } from '@thimble/language/en/things'
import type { Account, Movement, MovementKind, Take } from '@thimble/contract'
import { metresText } from './threadNeeds'

/** What is counted by itself, by the account it is counted in. */
const counted: Partial<Record<Account, Counted>> = {
  'needles.left': 'needle',
  'bobbins.left': 'bobbin',
  'adhesives.left': 'piece',
  'machines.needleStrikes': 'strike',
}

/** How long one sheet is, of what comes in sheets. */
type Cut = { sheetMm?: number | null }

/** A piece of a roll is told in millimetres, a roll in metres. */
const SHORT_MM = 500

/** An amount of one account, without its sign. @example amountText('supplies.leftMm', -190) // '190 mm' */
export function amountText(of: Account, amount: number, { sheetMm }: Cut = {}): string {
  const size = Math.abs(amount)
  if (of === 'supplies.leftMm') {
    if (sheetMm) return many(Math.round((size / sheetMm) * 10) / 10, 'sheet')
    return size < SHORT_MM ? t('mm', { round: Math.round(size) }) : metresText(size / 1000)
  }
  if (of === 'machines.needleMinutes') return t('min-2', { round: Math.round(size) })
  const what = counted[of]
  return what ? many(size, what) : metresText(size)
}

/** What is left, and what is wrong with it. */
export function leftText(of: Account, left: number | null, cut: Cut = {}): { says: string; wrong: string | null } {
  if (left === null) return { says: t('not-known'), wrong: null }
  if (left >= 0) return { says: amountText(of, left, cut), wrong: null }
  return { says: t('none'), wrong: t('more-used-than-counted-count', { amount: amountText(of, left, cut) }) }
}

const verbs: Record<MovementKind, string> = {
  opened: t('first-count'),
  bought: t('came-in'),
  cut: t('cut-off'),
  used: t('moved-used'),
  weighed: t('by-weight'),
  corrected: t('moved-counted'),
  fitted: t('put-in'),
}

/** “12.4 m used, Crew polo”, “4.5 m counted”. */
export function movedText({ of, kind, amount, found, note }: Movement, cut: Cut = {}): string {
  const size = found === null && amount === 0 ? t('not-known-2') : amountText(of, found ?? amount, cut)
  return `${size} ${verbs[kind]}${note ? `, ${note}` : ''}`
}

/** “0.9 m of it is spoken for by 3 pieces.” */
export function spokenForText(
  of: Account,
  { amount, pieces }: { amount: number; pieces: number },
  cut: Cut,
  short: boolean,
): string {
  const by = t('spoken-for-by', {
    amount: amountText(of, amount, cut),
    which: short ? t('are') : t('of-it-are'),
    many: many(pieces, 'built-piece'),
  })
  return short ? t('more-than-there-is', { by }) : `${by}.`
}

/** What is left once something was taken, and whether that cannot be. */
export function leftAfterText(of: Account, left: number | null, amount: number): { says: string; wrong: boolean } {
  if (left === null) return { says: t('stock-not-counted'), wrong: false }
  const after = left - amount
  if (after >= 0) return { says: t('left-after-it', { amount: amountText(of, after) }), wrong: false }
  return { says: t('left-more-used-than-there', { amount: amountText(of, Math.max(0, left)) }), wrong: true }
}

/** “Mesh, white 174 mm; Chalk white 4.5 m”: what lies on the shelves, not what is in the machine. */
export const tookText = (took: readonly Take[]): string =>
  took
    .filter(({ of }) => of === 'supplies.leftMm' || of === 'threads.leftM')
    .map(({ of, name, amount }) => `${name} ${amountText(of, amount)}`)
    .join('; ')
