import { orders as t } from '@thimble/language/en/orders'
import { useDocuments } from '@/state/store'
import { MoneyField } from '@/ui/MoneyField'
import { Section } from '@/ui/Section'
import { CheckboxRow } from '@/ui/CheckboxRow'
import type { LineProps } from './lineProps'

/** What the item itself costs, or what a spoiled one of the customer's own costs to replace. */
export function LinePrice({ id, line, set }: LineProps) {
  const currency = useDocuments((s) => s.shop.currency)
  return (
    <Section title={t('the-item-itself')}>
      <CheckboxRow
        title={t('customer-supplies-it')}
        done={line.customersOwn}
        onChange={(customersOwn) => set({ customersOwn })}
      />
      <MoneyField
        slot={`${id}.blank`}
        label={line.customersOwn ? t('cost-to-replace-a-spoiled') : t('your-cost-each')}
        currency={currency}
        minor={line.blank}
        onChange={(blank) => set({ blank })}
      />
    </Section>
  )
}
