import { moneyFormat } from '@thimble/language'
import { readNumber } from '@thimble/plan'

export const currencies = ['GBP', 'EUR', 'USD', 'CHF', 'SEK', 'AUD', 'CAD', 'JPY'].map((id) => ({ id, name: id }))

const MOST = 100_000

/** How many of the smallest coin make one of the currency. @example perUnit('GBP') // 100 */
function perUnit(currency: string): number {
  const format = new Intl.NumberFormat('en', { style: 'currency', currency })
  return 10 ** (format.resolvedOptions().maximumFractionDigits ?? 2)
}

/** Its sign, as it stands beside a number. */
export const currencySign = (currency: string): string =>
  moneyFormat(currency)
    .formatToParts(0)
    .find(({ type }) => type === 'currency')!.value

/** Minor units as they would be typed. @example typedMoney(450, 'GBP') // '4.50' */
export const typedMoney = (minor: number | null | undefined, currency: string): string => {
  if (minor === null || minor === undefined) return ''
  const per = perUnit(currency)
  return (minor / per).toFixed(Math.log10(per))
}

/** A price as typed, in minor units; nothing typed is not known. */
export function readMoney(text: string, currency: string): { minor: number | null; problem: string | null } {
  const bare = text.replace(currencySign(currency), '').replace(currency, '')
  const { value, problem } = readNumber(bare, MOST)
  return { minor: value === null ? null : Math.round(value * perUnit(currency)), problem }
}
