import { log as t } from '@thimble/language/en/log'
import type { LogInsights } from '@thimble/contract/log'
import { View } from 'react-native'
import { Line, Svg } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { Text } from '@/ui/Text'
import { isEnough, likelyText, rateText } from './insightWords'
import { TableOf } from './TableOf'
import { useWidth } from './useWidth'

type Rate = LogInsights['rates']['cloth'][number]

const HIGH = 26
const EDGE = 4

/** Shares of good pieces as spans of a tape: how much is sure, and where in it they lie; of few a dashed one and no number. */
export function RateSpans({ rates, label }: { rates: readonly Rate[]; label: string }) {
  const p = usePalette()
  const { width, onLayout } = useWidth()
  return (
    <View onLayout={onLayout} style={{ gap: 2 }}>
      {rates.map((rate) => (
        <View key={rate.id}>
          <View style={{ flexDirection: 'row', gap: 12, alignItems: 'baseline' }}>
            <Text bold style={{ flex: 1, minWidth: 0 }}>
              {rate.name}
            </Text>
            <Text soft={!isEnough(rate)}>{rateText(rate)}</Text>
          </View>
          {rate.washed ? (
            <Text soft>
              {t('after-the-wash-of-good', { successes: rate.washed.successes, tries: rate.washed.tries })}
            </Text>
          ) : null}
          {width > 0 ? <Span rate={rate} width={width} /> : null}
        </View>
      ))}
      <View
        aria-hidden
        style={{ flexDirection: 'row', justifyContent: 'space-between', borderTopWidth: 1, borderTopColor: p.seam }}
      >
        {[t('none-good'), t('half'), t('all-good')].map((mark) => (
          <Text key={mark} soft>
            {mark}
          </Text>
        ))}
      </View>
      <TableOf
        label={label}
        head={[label, t('good'), t('likely')]}
        rows={rates.map((rate) => [
          rate.name,
          t('of-3', { successes: rate.successes, tries: rate.tries }),
          likelyText(rate),
        ])}
      />
    </View>
  )
}

function Span({ rate, width }: { rate: Rate; width: number }) {
  const p = usePalette()
  const at = (share: number): number => EDGE + share * (width - 2 * EDGE)
  const [low, high] = rate.interval
  const sure = isEnough(rate)
  const middle = HIGH / 2
  const share = at(rate.successes / rate.tries)
  return (
    <Svg width={width} height={HIGH} aria-hidden>
      <Line x1={0} x2={width} y1={middle} y2={middle} stroke={p.seam} strokeWidth={2} />
      <Line
        x1={at(low)}
        x2={at(high)}
        y1={middle}
        y2={middle}
        stroke={sure ? p.indigo : p.edge}
        strokeWidth={3}
        strokeDasharray={sure ? undefined : '4 4'}
      />
      {sure ? (
        <>
          {[low, high].map((end, i) => (
            <Line key={i} x1={at(end)} x2={at(end)} y1={middle - 6} y2={middle + 6} stroke={p.indigo} strokeWidth={2} />
          ))}
          <Line x1={share} x2={share} y1={1} y2={HIGH - 1} stroke={p.ink} strokeWidth={5} />
        </>
      ) : null}
    </Svg>
  )
}
