import { drawings as t } from '@thimble/language/en/drawings'
import type { PlannedRow } from '@thimble/core/placement'
import { useState } from 'react'
import { View as Box } from 'react-native'
import Svg, { G, Line, Path, Rect, Text } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { clothInk } from './clothInk'
import { Tape } from './Tape'

type Props = { row: PlannedRow; motifHeight: number; unit: 'mm' | 'cm' | 'in'; cloth: string }

const TAPE = 20
const BRACKETS = 26

/** The whole border from end to end, to scale under a tape: motifs, gaps, and a bracket for each hooping. */
export function RowDrawing({ row, motifHeight, unit, cloth }: Props) {
  const p = usePalette()
  const ink = clothInk(cloth)
  const [width, setWidth] = useState(0)
  const k = width / (row.length * 1.02)
  const from = -width / k / 2
  const x = (mm: number): number => (mm - from) * k
  const tall = Math.max(14, Math.min(70, motifHeight * k))
  const band = tall + 16
  const height = TAPE + band + BRACKETS
  const half = row.motif / 2
  // A motif at centre back is cut by the drawing's end, so it is shown at both ends.
  const shown = row.centres.flatMap((c) => (row.closed && c + half > row.length / 2 ? [c, c - row.length] : [c]))
  return (
    <Box
      role="img"
      aria-label={t('the-whole-row-to-scale', {
        count: row.count,
        which: row.hoopings ? t('in-hooping-in-hoopings', { hoopings: row.hoopings.length }) : '',
      })}
      style={{ height, backgroundColor: p.table }}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
    >
      {width === 0 ? null : (
        <Svg width={width} height={height}>
          <Tape length={width} k={k} from={from} unit={unit} depth={TAPE} across />
          <G y={TAPE}>
            <Rect
              x={x(-row.length / 2)}
              y={0}
              width={row.length * k}
              height={band}
              fill={cloth}
              stroke={p.ink}
              strokeWidth={1}
            />
            <Line x1={x(0)} x2={x(0)} y1={0} y2={band} stroke={ink.line} strokeWidth={1.2} strokeDasharray="2 5" />
            {shown.map((c) => (
              <Motif key={c} middle={x(c)} wide={row.motif * k} tall={tall} ink={ink} />
            ))}
          </G>
          <G y={TAPE + band + 3}>
            <Brackets row={row} x={x} />
          </G>
        </Svg>
      )}
    </Box>
  )
}

type MotifProps = { middle: number; wide: number; tall: number; ink: ReturnType<typeof clothInk> }

function Motif({ middle, wide, tall, ink }: MotifProps) {
  return (
    <G>
      <Rect
        x={middle - wide / 2}
        y={8}
        width={wide}
        height={tall}
        fill={ink.tint}
        stroke={ink.chalk}
        strokeWidth={1.3}
      />
      <Path d={`M${middle - 4} ${8 + tall / 2}h8M${middle} ${4 + tall / 2}v8`} stroke={ink.chalk} strokeWidth={1.6} />
    </G>
  )
}

/** A bracket under what is sewn in one hooping, with its number. */
function Brackets({ row, x }: { row: PlannedRow; x: (mm: number) => number }) {
  const p = usePalette()
  const half = row.motif / 2
  return (
    <>
      {row.hoopings?.map((h, i) => {
        const [left, right] = [x(row.centres[h.from]! - half), x(row.centres[h.to]! + half)]
        return (
          <G key={i}>
            <Path d={`M${left} 0v5H${right}v-5`} fill="none" stroke={p.indigo} strokeWidth={2} />
            <Text x={(left + right) / 2} y={19} textAnchor="middle" fontFamily="TextBold" fontSize={13} fill={p.ink}>
              {String(i + 1)}
            </Text>
          </G>
        )
      })}
    </>
  )
}
