import { isToBuy, missing, type Need } from '@thimble/plan/benchNeeds'
import { many } from './designWords'
import { layerName } from './stackWords'
import { metresText } from './threadNeeds'

/** What is needed, by its name in the trade or on the shelf. */
export const needName = ({ kind, thread, colour }: Need): string =>
  kind ? layerName(kind) : (thread?.name ?? `Thread ${colour}`)

const amountOf = (need: Need, amount: number): string => metresText(need.kind ? amount / 1000 : amount)

/** “3 pieces want 0.6 m; 0.2 m there.” */
export function needLine(need: Need): string {
  const wants = `${many(need.pieces, 'piece')} ${need.pieces === 1 ? 'wants' : 'want'} ${need.atLeast ? 'at least ' : ''}${amountOf(need, need.want)}`
  return need.left === null ? `${wants}; what is there is not known.` : `${wants}; ${amountOf(need, need.left)} there.`
}

/** What to do about it: the amount that is missing, or that it would be low. */
export function toBuyText(need: Need): string {
  if (missing(need) > 0) return `${amountOf(need, missing(need))} short`
  return isToBuy(need) ? 'low after' : 'enough'
}
