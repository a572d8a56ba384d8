import { things as t } from '@thimble/language/en/things'
import type { Rates as ShopRates } from '@thimble/contract'
import { View } from 'react-native'
import { patchShop } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { Choices } from '@/ui/Choices'
import { MoneyField } from '@/ui/MoneyField'
import { NumberField } from '@/ui/NumberField'
import { Section } from '@/ui/Section'
import { PriceBreaks } from './PriceBreaks'

const ways = [
  { id: 'mark-up', name: t('mark-up-on-the-cost') },
  { id: 'margin', name: t('margin-on-the-price') },
] as const

/** What an hour, a price and a larger order come to here; kept for all orders. */
export function Rates() {
  const { rates, currency } = useDocuments((s) => s.shop)
  const set = (body: Partial<ShopRates>): void => patchShop({ rates: body } as Parameters<typeof patchShop>[0])
  const { pricing } = rates
  return (
    <Section title={t('your-rates')} says={t('used-for-all-orders-quotes')}>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <MoneyField
          half
          slot="machine"
          label={t('machine-per-hour')}
          currency={currency}
          minor={rates.machinePerHour}
          onChange={(machinePerHour) => set({ machinePerHour })}
        />
        <MoneyField
          half
          slot="hands"
          label={t('hands-per-hour')}
          currency={currency}
          minor={rates.labourPerHour}
          onChange={(labourPerHour) => set({ labourPerHour })}
        />
      </View>
      <Choices
        label={t('price-by')}
        choices={ways}
        value={pricing.by}
        onChange={(by) => set({ pricing: { ...pricing, by } })}
      />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <NumberField
          half
          slot={`percent.${pricing.by}`}
          label={pricing.by === 'margin' ? t('margin') : t('mark-up')}
          suffix="%"
          most={pricing.by === 'margin' ? 99 : 1000}
          value={pricing.percent}
          onChange={(percent) => set({ pricing: { ...pricing, percent } })}
        />
        <NumberField
          half
          slot="spoilage"
          label={t('rejects-per-100')}
          most={90}
          value={rates.spoilagePercent}
          onChange={(spoilagePercent) => set({ spoilagePercent })}
        />
      </View>
      <Usual />
      <PriceBreaks breaks={rates.breaks} onChange={(breaks) => set({ breaks })} />
    </Section>
  )
}

/** What does not change from order to order. */
function Usual() {
  const { rates, hands } = useDocuments((s) => s.shop)
  return (
    <View style={{ flexDirection: 'row', gap: 12 }}>
      <NumberField
        half
        slot="finish"
        label={t('finishing-per-piece')}
        suffix="min"
        most={600}
        value={hands.finishMinutes}
        onChange={(finishMinutes) => patchShop({ hands: { finishMinutes } })}
      />
      <NumberField
        half
        slot="needle"
        label={t('needle-life')}
        suffix={t('in-hours')}
        most={200}
        value={rates.needleHours}
        onChange={(needleHours) => patchShop({ rates: { needleHours: Math.max(0.5, needleHours) } })}
      />
    </View>
  )
}
