import { faultNames } from '@thimble/language'
import { log as t } from '@thimble/language/en/log'
import type { LogInsights } from '@thimble/contract/log'
import { type FaultId } from '@thimble/core/outcomes'
import { View } from 'react-native'
import { Rect, Svg } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from '@/ui/RowLink'
import { Text } from '@/ui/Text'
import { TableOf } from './TableOf'
import { isEnough } from './insightWords'
import { useWidth } from './useWidth'
import { monthText } from '@/words/dates'

const HIGH = 30
const nameOf = (id: string): string => faultNames[id as FaultId] ?? id

/** Faults by how often they come up: month by month as a row of stitches, and with what they come up most. */
export function FaultsSeen({ works: { faults, pieces, months }, search }: { works: LogInsights; search: string }) {
  const { width, onLayout } = useWidth()
  const most = Math.max(1, ...faults.flatMap((fault) => fault.months))
  return (
    <View onLayout={onLayout} style={{ gap: 10 }}>
      {faults.length === 0 ? <Text>{t('no-faults-noted')}</Text> : null}
      {faults.length > 0 && months.length > 1 ? (
        <Text soft>
          {t('a-bar-a-month-to', { month: monthText(months[0]!.month), month2: monthText(months.at(-1)!.month) })}
        </Text>
      ) : null}
      {faults.map((fault) => (
        <View key={fault.id} style={{ gap: 2 }}>
          <RowLink
            href={`/log?fault=${fault.id}${search ? `&${search}` : ''}`}
            style={{ flexDirection: 'row', gap: 12, minHeight: 44, alignItems: 'center' }}
          >
            <Text bold tone="indigo" style={{ flex: 1, minWidth: 0 }}>
              {nameOf(fault.id)}
            </Text>
            <Text>{t('of', { pieces: fault.pieces, pieces2: pieces })}</Text>
          </RowLink>
          {width > 0 && months.length > 1 ? <Bars counts={fault.months} most={most} width={width} /> : null}
          {fault.with.filter(isEnough).map((way) => (
            <Text soft key={way.id}>
              {t('with-of', { name: way.name.toLowerCase(), successes: way.successes, tries: way.tries })}
            </Text>
          ))}
        </View>
      ))}
      {faults.length > 0 ? (
        <TableOf
          label={t('faults')}
          head={[t('fault'), t('pieces-2'), t('most-with')]}
          rows={faults.map((fault) => [
            nameOf(fault.id),
            t('of', { pieces: fault.pieces, pieces2: pieces }),
            fault.with
              .map((way) => t('of-2', { name: way.name.toLowerCase(), successes: way.successes, tries: way.tries }))
              .join('; '),
          ])}
        />
      ) : null}
    </View>
  )
}

function Bars({ counts, most, width }: { counts: readonly number[]; most: number; width: number }) {
  const p = usePalette()
  const each = Math.min(28, width / counts.length)
  return (
    <Svg width={width} height={HIGH} aria-hidden>
      {counts.map((count, i) => {
        const high = count === 0 ? 2 : Math.max(4, (count / most) * HIGH)
        return (
          <Rect
            key={i}
            x={i * each + 1}
            y={HIGH - high}
            width={Math.max(2, each - 4)}
            height={high}
            fill={count === 0 ? p.seam : p.madder}
          />
        )
      })}
    </Svg>
  )
}
