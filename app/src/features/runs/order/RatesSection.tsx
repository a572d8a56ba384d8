import { Button } from '@rneui/themed'
import type { Order, Rates } from '@thimble/contract'
import { View } from 'react-native'
import { patchShop } from '@/state/changes'
import { useShelf } from '@/state/store'
import { Choices } from '@/ui/Choices'
import { MoneyField } from '@/ui/MoneyField'
import { NumberField } from '@/ui/NumberField'
import { Section } from '@/ui/Section'
import { setOrder } from './useOrder'

const ways = [
  { id: 'mark-up', name: 'Mark-up on the cost' },
  { id: 'margin', name: 'Margin on the price' },
] as const

/** What an hour, a price and a larger order come to here; kept for all orders but for this one's set-up. */
export function RatesSection({ order }: { order: Order }) {
  const { rates, currency, hands } = useShelf((s) => s.shop)
  const set = (body: Partial<Rates>): void => patchShop({ rates: body } as Parameters<typeof patchShop>[0])
  const { pricing } = rates
  return (
    <>
      <Section title="This order">
        <MoneyField
          slot={`${order.id}.setup`}
          label="Set-up, shared by its pieces"
          hint="Drawing, trial, paperwork."
          currency={currency}
          minor={order.setup}
          onChange={(setup) => setOrder(order.id, { setup })}
        />
      </Section>
      <Section title="Your rates" says="Kept for all orders. What a quote said stays as it was.">
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <MoneyField
            half
            slot="machine"
            label="Machine, an hour"
            currency={currency}
            minor={rates.machinePerHour}
            onChange={(machinePerHour) => set({ machinePerHour })}
          />
          <MoneyField
            half
            slot="hands"
            label="Hands, an hour"
            currency={currency}
            minor={rates.labourPerHour}
            onChange={(labourPerHour) => set({ labourPerHour })}
          />
        </View>
        <Choices label="The price by" choices={ways} value={pricing.by} onChange={(by) => set({ pricing: { ...pricing, by } })} />
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <NumberField
            half
            slot={`percent.${pricing.by}`}
            label={pricing.by === 'margin' ? 'Margin' : 'Mark-up'}
            suffix="%"
            most={pricing.by === 'margin' ? 99 : 1000}
            value={pricing.percent}
            onChange={(percent) => set({ pricing: { ...pricing, percent } })}
          />
          <NumberField
            half
            slot="spoilage"
            label="Of 100, fail"
            most={90}
            value={rates.spoilagePercent}
            onChange={(spoilagePercent) => set({ spoilagePercent })}
          />
        </View>
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <NumberField
            half
            slot="finish"
            label="Finishing, a piece"
            suffix="min"
            most={600}
            value={hands.finishMinutes}
            onChange={(finishMinutes) => patchShop({ hands: { finishMinutes } })}
          />
          <NumberField
            half
            slot="needle"
            label="A needle sews"
            suffix="hours"
            most={200}
            value={rates.needleHours}
            onChange={(needleHours) => set({ needleHours: Math.max(0.5, needleHours) })}
          />
        </View>
        <Breaks breaks={rates.breaks} onChange={(breaks) => set({ breaks })} />
      </Section>
    </>
  )
}

const MOST_BREAKS = 8
type Break = Rates['breaks'][number]

/** From how many pieces on how much comes off the price. */
function Breaks({ breaks, onChange }: { breaks: readonly Break[]; onChange: (breaks: Break[]) => void }) {
  const change = (i: number, body: Partial<Break>): void =>
    onChange(breaks.map((one, k) => (k === i ? { ...one, ...body } : one)))
  const last = breaks.at(-1)
  return (
    <>
      {breaks.map((one, i) => (
        <View key={`${breaks.length}.${i}`} style={{ flexDirection: 'row', gap: 12, alignItems: 'flex-start' }}>
          <NumberField
            half
            slot={`break.${breaks.length}.${i}`}
            label="From so many"
            most={100_000}
            value={one.from}
            onChange={(from) => change(i, { from: Math.max(2, Math.round(from)) })}
          />
          <NumberField
            half
            slot={`off.${breaks.length}.${i}`}
            label="Comes off"
            suffix="%"
            most={90}
            value={one.percentOff}
            onChange={(percentOff) => change(i, { percentOff })}
          />
          <Button
            type="outline"
            title="Out"
            accessibilityLabel={`Take out the break from ${one.from}`}
            onPress={() => onChange(breaks.filter((_, k) => k !== i))}
          />
        </View>
      ))}
      {breaks.length < MOST_BREAKS ? (
        <Button
          type="outline"
          title="Less for larger orders"
          onPress={() => onChange([...breaks, { from: (last?.from ?? 12) * 2, percentOff: (last?.percentOff ?? 0) + 5 }])}
        />
      ) : null}
    </>
  )
}
