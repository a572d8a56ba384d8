import { writeName } from '@thimble/language'
import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import { countOf, garmentsOf, kindOfLine } from '@thimble/plan/orders'
import { View } from 'react-native'
import { LimitedField } from '@/ui/LimitedField'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import type { LineProps } from './lineProps'

/** How many of each size: those with names by their list, the others by a number. */
export function LineCounts({ order, id, line, set }: LineProps) {
  const named = Object.values(line.names)
  const sizes = kindOfLine(line).sizes
  const doubts = named.filter(({ size }) => !sizes.some((one) => one.id === size)).length
  return (
    <Section title={t('how-many')} says={t('in-all', { many: many(garmentsOf(line).length, 'piece') })}>
      <RowLink href={`/runs/order/${order.id}/line/${id}/names`} style={{ minHeight: 48, justifyContent: 'center' }}>
        <Text bold tone="indigo">
          {named.length > 0 ? t('view-or-change', { many: many(named.length, 'name') }) : t('add-names-paste-a-list')}
        </Text>
      </RowLink>
      {doubts > 0 ? <Text tone="madder">{t('of-a-size-this-item', { many: many(doubts, 'name') })}</Text> : null}
      <Text soft>{named.length > 0 ? t('others-without-a-name') : t('without-names')}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {sizes.map(({ id: size, name }) => (
          <View key={size} style={{ width: 104 }}>
            <LimitedField
              label={writeName(name)}
              most={6}
              slot={`${id}.${size}`}
              keyboard="numeric"
              value={line.counts[size] ?? ''}
              placeholder="0"
              problem={countOf(line.counts[size] ?? '').problem}
              onChange={(text) => set({ counts: { [size]: text.trim() === '' ? null : text } })}
            />
          </View>
        ))}
      </View>
    </Section>
  )
}
