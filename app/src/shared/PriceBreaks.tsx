import { things as t } from '@thimble/language/en/things'
import { Button } from '@rneui/themed'
import type { Rates } from '@thimble/contract'
import { View } from 'react-native'
import { NumberField } from '@/ui/NumberField'

const MOST_BREAKS = 8
type Break = Rates['breaks'][number]

/** From how many pieces on how much comes off the price. */
export function PriceBreaks({ breaks, onChange }: { breaks: readonly Break[]; onChange: (breaks: Break[]) => void }) {
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
            label={t('from-quantity')}
            most={100_000}
            value={one.from}
            onChange={(from) => change(i, { from: Math.max(2, Math.round(from)) })}
          />
          <NumberField
            half
            slot={`off.${breaks.length}.${i}`}
            label={t('discount')}
            suffix="%"
            most={90}
            value={one.percentOff}
            onChange={(percentOff) => change(i, { percentOff })}
          />
          <Button
            type="outline"
            title={t('remove')}
            accessibilityLabel={t('remove-the-discount-from', { from: one.from })}
            onPress={() => onChange(breaks.filter((_, k) => k !== i))}
          />
        </View>
      ))}
      {breaks.length < MOST_BREAKS ? (
        <Button
          type="outline"
          title={t('add-a-quantity-discount')}
          onPress={() =>
            onChange([...breaks, { from: (last?.from ?? 12) * 2, percentOff: (last?.percentOff ?? 0) + 5 }])
          }
        />
      ) : null}
    </>
  )
}
