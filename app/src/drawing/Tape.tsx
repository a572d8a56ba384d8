import { memo } from 'react'
import { G, Path, Rect, Text } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'

type Props = {
  /** Length in pixels, pixels a millimetre, and the millimetre at its start. */
  length: number
  k: number
  from: number
  unit: 'mm' | 'cm' | 'in'
  depth: number
  across?: boolean
}

const STEPS_MM = [1, 2, 5, 10, 20, 50, 100, 200, 500]
const STEPS_IN = [0.125, 0.25, 0.5, 1, 2, 5, 10, 20]

/** A tape measure along an edge: ticks and figures at the drawing's own scale, figures growing both ways from 0. */
export const Tape = memo(function Tape({ length, k, from, unit, depth, across }: Props) {
  const p = usePalette()
  const size = unit === 'in' ? 25.4 : 1
  const steps = unit === 'in' ? STEPS_IN : STEPS_MM
  const tick = steps.find((s) => s * size * k >= 5) ?? steps.at(-1)!
  const label =
    steps.find((s) => s * size * k >= 38 && Math.abs(s / tick - Math.round(s / tick)) < 1e-9) ?? steps.at(-1)!
  const first = Math.ceil(from / size / tick)
  const count = Math.floor(length / (tick * size * k)) + 1
  const marks = Array.from({ length: count }, (_, i) => (first + i) * tick)
  const figure = (value: number): string =>
    String(Math.abs(Math.round(unit === 'cm' ? value / 10 : value * 1000) / (unit === 'cm' ? 1 : 1000)))
  const placed = marks.map((value) => ({
    value,
    at: (value * size - from) * k,
    named: Math.abs(value / label - Math.round(value / label)) < 1e-6,
  }))
  // All ticks of one length are one path: hundreds of lines would make typing heavy.
  const ticks = (named: boolean): string => {
    const long = depth * (named ? 0.5 : 0.26)
    return placed
      .filter((m) => m.named === named)
      .map(({ at }) =>
        across ? `M${at.toFixed(1)} ${depth - long}V${depth}` : `M${depth - long} ${at.toFixed(1)}H${depth}`,
      )
      .join('')
  }
  return (
    <G>
      <Rect x={0} y={0} width={across ? length : depth} height={across ? depth : length} fill={p.tape} />
      <Path d={ticks(false)} stroke={p.onTape} strokeWidth={0.8} />
      <Path d={ticks(true)} stroke={p.onTape} strokeWidth={1.4} />
      {placed
        .filter(({ named, at, value }) => named && at > (across ? 4 + 6 * figure(value).length : 10) && at < length - 4)
        .map(({ value, at }) => (
          <Text
            key={value}
            x={across ? at - 2 : depth - 3}
            y={across ? 8.5 : at - 2.5}
            textAnchor="end"
            fontFamily="Text"
            fontSize={!across && figure(value).length > 3 ? 7.5 : 9.5}
            fill={p.onTape}
          >
            {figure(value)}
          </Text>
        ))}
    </G>
  )
})
