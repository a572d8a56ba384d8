import { things as t } from '@thimble/language/en/things'
import { isToBuy, missing, type Need } from '@thimble/plan/benchNeeds'
import { adhesiveNames } from './adhesiveWords'
import { layerName } from './stackWords'
import { metresText } from './threadNeeds'

/** What is needed, by its name in the trade or on the shelf. */
export function needName({ what }: Need): string {
  if ('kind' in what) return layerName(what.kind)
  if ('thread' in what) return what.thread.name
  if ('adhesive' in what) return adhesiveNames[what.adhesive]
  return 'colour' in what ? t('thread-2', { colour: what.colour }) : what.thing.name
}

function amountOf({ unit }: Need, amount: number): string {
  if (unit === 'number') return String(Math.round(amount * 10) / 10)
  return metresText(unit === 'mm' ? amount / 1000 : amount)
}

/** “3 pieces want 0.6 m; 0.2 m there.” */
export function needLine(need: Need): string {
  const there =
    need.left === null ? t('stock-not-counted-3') : t('there', { amountOf: amountOf(need, Math.max(0, need.left)) })
  if (need.pieces === 0) return t('low-there', { there })
  const much = need.unit === 'number' ? t('it') : `${need.atLeast ? t('at-least') : ''}${amountOf(need, need.want)}`
  return t('pieces-want', { pieces: need.pieces, much, there })
}

/** What to do about it: the amount that is missing, or that it would be low. */
export function toBuyText(need: Need): string {
  if (missing(need) > 0) return t('short-2', { amountOf: amountOf(need, missing(need)) })
  if (!isToBuy(need)) return t('enough')
  return need.want > 0 ? t('low-afterwards') : t('low')
}
