import { things as t } from '@thimble/language/en/things'
import type { Thread } from '@thimble/contract'
import type { Spools, ThreadPlan } from '@thimble/plan'
import type { BobbinChanges } from '@thimble/plan/consumption'
import { metresText } from './threadNeeds'
import { threadFor } from './threadWords'

type Spooled = { threads: readonly Thread[]; spools?: Spools }

/** “the 3rd block (Estuary blue)”: blocks are counted in the order they are sewn. */
const block = (plan: Pick<ThreadPlan, 'blocks'>, at: number, { threads, spools }: Spooled): string =>
  t('block-of', {
    at: at + 1,
    blocks: plan.blocks.length,
    threadFor: threadFor(plan.blocks[at]!.colour, threads, spools),
  })

const MOST = 6

/** What the bobbin has to give, and where it is changed so that none runs out inside a block; a sentence a line. */
export function bobbinLines(
  plan: Pick<ThreadPlan, 'blocks' | 'bobbinMetres'>,
  changes: BobbinChanges | null,
  on: Spooled,
): string[] {
  const need = t('bobbin', { metres: metresText(plan.bobbinMetres) })
  if (!changes) return [t('add-your-bobbins-to-the', { need })]
  const { left, full, fresh, changeBefore, tooLong } = changes
  const from = fresh
    ? t('from-a-full-one-of', { metres: metresText(full) })
    : t('on-the-one-in-the', { metres: metresText(left) })
  const at = changeBefore.slice(0, MOST).map((i) => block(plan, i, on))
  const more = changeBefore.length > MOST ? t('and-more', { changeBefore: changeBefore.length - MOST }) : ''
  const change = at.length > 0 ? [t('change-the-bobbin-before', { at: at.join(', '), more })] : []
  const long = tooLong.map((i) => t('one-bobbin-isnt-enough-for', { block: block(plan, i, on) }))
  if (change.length + long.length === 0) return [t('it-lasts', { need, from })]
  return [`${need}, ${from}.`, ...change, ...long]
}
