import { useDocuments } from '@/state/store'
import { MoneyField } from '@/ui/MoneyField'
import { Section } from '@/ui/Section'
import { CheckboxRow } from '@/ui/CheckboxRow'
import type { LineProps } from './lineProps'

/** What the item itself costs, or what a spoiled one of the customer's own costs to replace. */
export function LinePrice({ id, line, set }: LineProps) {
  const currency = useDocuments((s) => s.shop.currency)
  return (
    <Section title="The item itself">
      <CheckboxRow
        title="Customer supplies it"
        done={line.customersOwn}
        onChange={(customersOwn) => set({ customersOwn })}
      />
      <MoneyField
        slot={`${id}.blank`}
        label={line.customersOwn ? 'Cost to replace a spoiled one' : 'Your cost each'}
        currency={currency}
        minor={line.blank}
        onChange={(blank) => set({ blank })}
      />
    </Section>
  )
}
