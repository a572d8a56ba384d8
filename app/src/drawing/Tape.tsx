import { G, Line, Rect, Text } from 'react-native-svg'
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
export function Tape({ length, k, from, unit, depth, across }: Props) {
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
  return (
    <G>
      <Rect x={0} y={0} width={across ? length : depth} height={across ? depth : length} fill={p.tape} />
      {marks.map((value) => {
        const at = (value * size - from) * k
        const named = Math.abs(value / label - Math.round(value / label)) < 1e-6
        const long = named ? depth * 0.5 : depth * 0.26
        return (
          <G key={value}>
            {across ? (
              <Line x1={at} x2={at} y1={depth - long} y2={depth} stroke={p.onTape} strokeWidth={named ? 1.4 : 0.8} />
            ) : (
              <Line x1={depth - long} x2={depth} y1={at} y2={at} stroke={p.onTape} strokeWidth={named ? 1.4 : 0.8} />
            )}
            {named && at > (across ? 4 + 6 * figure(value).length : 10) && at < length - 4 ? (
              <Text
                x={across ? at - 2 : depth - 3}
                y={across ? 8.5 : at - 2.5}
                textAnchor="end"
                fontFamily="Text"
                fontSize={!across && figure(value).length > 3 ? 7.5 : 9.5}
                fill={p.onTape}
              >
                {figure(value)}
              </Text>
            ) : null}
          </G>
        )
      })}
    </G>
  )
}
