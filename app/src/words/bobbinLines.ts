import type { Thread } from '@thimble/contract'
import type { Spools, ThreadPlan } from '@thimble/plan'
import type { BobbinChanges } from '@thimble/plan/consumption'
import { metresText } from './threadNeeds'
import { threadFor } from './threadWords'

type Spooled = { threads: readonly Thread[]; spools?: Spools }

/** “the 3rd block (Estuary blue)”: blocks are counted in the order they are sewn. */
const block = (plan: Pick<ThreadPlan, 'blocks'>, at: number, { threads, spools }: Spooled): string =>
  `block ${at + 1} of ${plan.blocks.length} (${threadFor(plan.blocks[at]!.colour, threads, spools)})`

const MOST = 6

/** What the bobbin has to give, and where it is changed so that none runs out inside a block; a sentence a line. */
export function bobbinLines(
  plan: Pick<ThreadPlan, 'blocks' | 'bobbinMetres'>,
  changes: BobbinChanges | null,
  on: Spooled,
): string[] {
  const need = `Bobbin ${metresText(plan.bobbinMetres)}`
  if (!changes) return [`${need}. Add your bobbins to the stash to see where to change.`]
  const { left, full, fresh, changeBefore, tooLong } = changes
  const from = fresh ? `from a full one of ${metresText(full)}` : `${metresText(left)} on the one in the machine`
  const at = changeBefore.slice(0, MOST).map((i) => block(plan, i, on))
  const more = changeBefore.length > MOST ? ` and ${changeBefore.length - MOST} more` : ''
  const change = at.length > 0 ? [`Change the bobbin before ${at.join(', ')}${more}.`] : []
  const long = tooLong.map(
    (i) => `One bobbin isn’t enough for ${block(plan, i, on)}. Stay by it and change when it runs out.`,
  )
  if (change.length + long.length === 0) return [`${need}, ${from}: it lasts.`]
  return [`${need}, ${from}.`, ...change, ...long]
}
