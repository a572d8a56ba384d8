import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import { costParts } from '@thimble/core/money'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { Section } from '@/ui/Section'
import { moneyText, partNames } from '@/words/priceWords'
import { MoneyRow } from './MoneyRow'
import type { CostedLine } from '@thimble/plan/orders'

/** What one piece of a line costs, by part, and what is asked for it. */
export function CostTable({ line: { name, quantity, cost } }: { line: CostedLine }) {
  const currency = useDocuments((s) => s.shop.currency)
  const money = (minor: number): string => moneyText(minor, currency)
  return (
    <Section title={t('one-of', { name, many: many(quantity, 'piece') })}>
      <View role="table">
        {costParts
          .filter((part) => cost.parts[part] !== 0)
          .map((part) => (
            <MoneyRow key={part} name={partNames[part]} amounts={[money(cost.parts[part])]} />
          ))}
        <MoneyRow name={t('cost')} amounts={[money(cost.cost)]} strong />
        <MoneyRow name={t('price')} amounts={[money(cost.price)]} strong />
      </View>
    </Section>
  )
}
