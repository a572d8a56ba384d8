import { log as t } from '@thimble/language/en/log'
import type { DriftOwner } from '@thimble/contract'
import type { LogInsights } from '@thimble/contract/log'
import { View } from 'react-native'
import { Circle, Line, Path, Rect, Svg, Text as SvgText } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { mm } from './insightWords'
import { TableOf } from './TableOf'
import { useWidth } from './useWidth'

type Landings = LogInsights['landings'][DriftOwner][number]

const HIGH = 260
/** Around the mark, in mm, however near they land. */
const LEAST = 4
const CROSS = 4

/** Landings about the mark they were meant for: their mean with what is sure of it, and the rings that hold half and 19 of 20. */
export function LandingPlot({ landings: { name, report, points } }: { landings: Landings }) {
  const p = usePalette()
  const { width, onLayout } = useWidth()
  const { r50, r95, mean, interval } = report
  const reach = Math.max(LEAST, r95 * 1.15, ...points.map(([x, y]) => Math.min(Math.hypot(x, y), r95 * 1.4)))
  const k = (HIGH / 2 - 18) / reach
  const [cx, cy] = [width / 2, HIGH / 2]
  const at = (x: number, y: number): [number, number] => [cx + x * k, cy + y * k]
  const crosses = points
    .map(([x, y]) => at(x, y))
    .map(
      ([x, y]) =>
        `M${x - CROSS} ${y - CROSS}L${x + CROSS} ${y + CROSS}M${x - CROSS} ${y + CROSS}L${x + CROSS} ${y - CROSS}`,
    )
    .join('')
  const [mx, my] = at(mean.dx, mean.dy)
  const label = { fill: p.inkSoft, fontSize: 13, fontFamily: 'Text' } as const
  return (
    <View onLayout={onLayout} style={{ gap: 4 }}>
      {width > 0 ? (
        <Svg width={width} height={HIGH} style={{ backgroundColor: p.paper }} aria-hidden>
          <Line x1={0} x2={width} y1={cy} y2={cy} stroke={p.seam} strokeWidth={2} />
          <Line x1={cx} x2={cx} y1={0} y2={HIGH} stroke={p.seam} strokeWidth={2} />
          <Path d={crosses} stroke={p.inkSoft} strokeWidth={1.6} fill="none" />
          <Circle cx={cx} cy={cy} r={r50 * k} stroke={p.indigo} strokeWidth={2.4} fill="none" />
          <Circle cx={cx} cy={cy} r={r95 * k} stroke={p.indigo} strokeWidth={1.6} strokeDasharray="5 5" fill="none" />
          {interval.dx && interval.dy ? (
            <Rect
              x={at(interval.dx[0], 0)[0]}
              y={at(0, interval.dy[0])[1]}
              width={(interval.dx[1] - interval.dx[0]) * k}
              height={(interval.dy[1] - interval.dy[0]) * k}
              stroke={p.madder}
              strokeWidth={1.4}
              fill="none"
            />
          ) : null}
          <Path d={`M${mx - 11} ${my}H${mx + 11}M${mx} ${my - 11}V${my + 11}`} stroke={p.madder} strokeWidth={4} />
          <SvgText {...label} x={cx - 6} y={14} textAnchor="end">
            {t('planned')}
          </SvgText>
          <SvgText {...label} x={width - 6} y={16} textAnchor="end">
            {t('half-within', { mm: mm(r50) })}
          </SvgText>
          <SvgText {...label} x={width - 6} y={HIGH - 8} textAnchor="end">
            {t('19-of-20-within', { mm: mm(r95) })}
          </SvgText>
        </Svg>
      ) : null}
      <InNumbers {...{ name, report }} />
    </View>
  )
}

function InNumbers({ name, report: { mean, interval, r50, r95 } }: Pick<Landings, 'name' | 'report'>) {
  return (
    <TableOf
      label={t('landings', { name })}
      head={['', t('mean'), t('likely')]}
      rows={[
        [t('to-the-right'), signed(mean.dx), rangeText(interval.dx)],
        [t('low'), signed(mean.dy), rangeText(interval.dy)],
        [
          t('turned-clockwise'),
          `${Number(mean.rotation.toFixed(1))}°`,
          interval.rotation
            ? t('range-degrees', { from: interval.rotation[0].toFixed(1), to: interval.rotation[1].toFixed(1) })
            : t('not-known'),
        ],
        [t('half-lie-within'), mm(r50), ''],
        [t('19-of-20-lie-within'), mm(r95), ''],
      ]}
    />
  )
}

const signed = (value: number): string => `${value < 0 ? '−' : ''}${mm(value)}`
const rangeText = (range: [number, number] | null): string =>
  range
    ? t('mm-3', {
        replaceAll: range
          .map((one) => Number(one.toFixed(1)))
          .join(' to ')
          .replaceAll('-', '−'),
      })
    : t('not-known')
