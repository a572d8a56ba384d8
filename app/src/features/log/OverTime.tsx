import { log as t } from '@thimble/language/en/log'
import type { LogInsights } from '@thimble/contract/log'
import { useState } from 'react'
import { View } from 'react-native'
import { Circle, Line, Path, Svg, Text as SvgText } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Text } from '@/ui/Text'
import { TableOf } from './TableOf'
import { trendText } from './insightWords'
import { useWidth } from './useWidth'
import { monthText } from '@/words/dates'

type Month = LogInsights['months'][number]

const series = {
  off: {
    name: t('how-far-off'),
    unit: t('mm-2'),
    of: (month: Month) => month.off,
    says: { more: t('landing-farther-off'), less: t('landing-closer'), unit: t('mm-2') },
  },
  tries: {
    name: t('times-hooped'),
    unit: '',
    of: (month: Month) => month.tries,
    says: { more: t('hooped-more-times'), less: t('hooped-fewer-times'), unit: t('times-2') },
  },
  minutes: {
    name: t('minutes'),
    unit: t('min'),
    of: (month: Month) => month.minutes,
    says: { more: t('taking-longer'), less: t('taking-less-time'), unit: t('min') },
  },
  faulty: {
    name: t('with-a-fault'),
    unit: t('in-100'),
    of: (month: Month) => (100 * month.faulty) / month.pieces,
    says: { more: t('more-go-wrong'), less: t('fewer-go-wrong'), unit: t('of-a-piece') },
  },
} as const
type Series = keyof typeof series

const HIGH = 170
const [TOP, FOOT, SIDE] = [26, 26, 34]

/** Month by month, whether pieces land nearer, are hooped less often, take less time and go wrong less. */
export function OverTime({ works: { months, trends } }: { works: LogInsights }) {
  const [shown, setShown] = useState<Series>('off')
  const { name, unit, of, says } = series[shown]
  const told = months.flatMap((month) => {
    const value = of(month)
    return value === null ? [] : [{ month: month.month, value, pieces: month.pieces }]
  })
  return (
    <View style={{ gap: 8 }}>
      <Choices
        label={t('of-them')}
        choices={(Object.keys(series) as Series[]).map((id) => ({ id, name: series[id].name }))}
        value={shown}
        onChange={setShown}
      />
      <Text bold>{trendText(trends[shown], says)}</Text>
      {told.length > 1 ? <Months told={told} unit={unit} /> : null}
      <TableOf
        label={t('by-month', { name })}
        head={[t('month'), name, t('pieces-2')]}
        rows={told.map(({ month, value, pieces }) => [
          monthText(`${month}-01`),
          `${fine(value)} ${unit}`.trim(),
          String(pieces),
        ])}
      />
    </View>
  )
}

const fine = (value: number): string => String(Number(value.toPrecision(value < 10 ? 2 : 3)))

type Told = { month: string; value: number }

/** A running stitch from month to month; the first, the last and the highest have their numbers. */
function Months({ told, unit }: { told: readonly Told[]; unit: string }) {
  const p = usePalette()
  const { width, onLayout } = useWidth()
  const most = Math.max(...told.map(({ value }) => value)) || 1
  const x = (i: number): number => SIDE + (i * (width - 2 * SIDE)) / (told.length - 1)
  const y = (value: number): number => HIGH - FOOT - (value / most) * (HIGH - TOP - FOOT)
  const label = { fill: p.ink, fontSize: 14, fontFamily: 'TextBold' } as const
  const highest = told.findIndex(({ value }) => value === most)
  const named = [...new Set([0, highest, told.length - 1])]
  return (
    <View onLayout={onLayout}>
      {width > 0 ? (
        <Svg width={width} height={HIGH} style={{ backgroundColor: p.paper }} aria-hidden>
          <Line x1={0} x2={width} y1={HIGH - FOOT} y2={HIGH - FOOT} stroke={p.seam} strokeWidth={2} />
          <Path
            d={told.map(({ value }, i) => `${i === 0 ? 'M' : 'L'}${x(i)} ${y(value)}`).join('')}
            stroke={p.indigo}
            strokeWidth={2.4}
            strokeDasharray="8 5"
            fill="none"
          />
          {told.map(({ month, value }, i) => (
            <Circle key={month} cx={x(i)} cy={y(value)} r={4} fill={p.ink} />
          ))}
          {named.map((i) => (
            <SvgText key={i} {...label} x={x(i)} y={y(told[i]!.value) - 10} textAnchor="middle">
              {`${fine(told[i]!.value)}${i === highest && unit ? ` ${unit}` : ''}`}
            </SvgText>
          ))}
          {[0, told.length - 1].map((i) => (
            <SvgText
              key={i}
              x={i === 0 ? 6 : width - 6}
              y={HIGH - 8}
              textAnchor={i === 0 ? 'start' : 'end'}
              fill={p.inkSoft}
              fontSize={13}
              fontFamily="Text"
            >
              {monthText(told[i]!.month)}
            </SvgText>
          ))}
        </Svg>
      ) : null}
    </View>
  )
}
