import { things as t } from '@thimble/language/en/things'
import { moneyFormat } from '@thimble/language'
import type { CostPart } from '@thimble/core/money'
import { typedMoney } from './moneyWords'

/** An amount in minor units as it stands on paper. @example moneyText(123450, 'GBP') // '£1,234.50' */
export const moneyText = (minor: number, currency: string): string =>
  moneyFormat(currency).format(Number(typedMoney(minor, currency)))

export const partNames: Readonly<Record<CostPart, string>> = {
  blank: t('the-item-itself'),
  thread: t('top-thread'),
  bobbin: t('bobbin-thread-2'),
  backing: t('backing-and-topping'),
  needle: t('needle-2'),
  machine: t('machine-time'),
  labour: t('hands'),
  spoilage: t('what-fails'),
  setup: t('set-up-shared'),
}
