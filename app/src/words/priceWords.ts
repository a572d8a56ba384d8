import type { CostPart } from '@thimble/core/money'
import { typedMoney } from './moneyWords'

/** An amount in minor units as it stands on paper. @example moneyText(123450, 'GBP') // '£1,234.50' */
export const moneyText = (minor: number, currency: string): string =>
  new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'narrowSymbol' }).format(
    Number(typedMoney(minor, currency)),
  )

export const partNames: Readonly<Record<CostPart, string>> = {
  blank: 'The item itself',
  thread: 'Top thread',
  bobbin: 'Bobbin thread',
  backing: 'Backing and topping',
  needle: 'Needle',
  machine: 'Machine time',
  labour: 'Hands',
  spoilage: 'What fails',
  setup: 'Set-up, shared',
}
