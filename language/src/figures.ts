import { platformLocale } from './locale'

const count = new Intl.NumberFormat(platformLocale)
const list = new Intl.ListFormat(platformLocale, { type: 'conjunction' })

/** A count as it is read. @example countText(2122) // '2,122' */
export const countText = (n: number): string => count.format(n)

/** @example joined(['Sail', 'Flag', 'Hull']) // 'Sail, Flag and Hull' */
export const joined = (names: readonly string[]): string => list.format(names)

/** Money in minor units as it stands on paper. */
export const moneyFormat = (currency: string): Intl.NumberFormat =>
  new Intl.NumberFormat(platformLocale, { style: 'currency', currency, currencyDisplay: 'narrowSymbol' })
