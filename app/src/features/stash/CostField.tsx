import { stash as t } from '@thimble/language/en/stash'
import type { ComponentProps } from 'react'
import type { FieldValues } from 'react-hook-form'
import { FormField } from '@/forms/FormField'
import { useDocuments } from '@/state/store'
import { currencySign } from '@/words/moneyWords'

/** A price of a form, in the shop's currency. */
export function CostField<Texts extends FieldValues>(props: Omit<ComponentProps<typeof FormField<Texts>>, 'suffix'>) {
  const sign = useDocuments((s) => currencySign(s.shop.currency))
  return <FormField {...props} suffix={sign} keyboard="numeric" placeholder={t('not-known')} />
}
