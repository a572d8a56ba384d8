import { drawings as t } from '@thimble/language/en/drawings'
import type { CutRoll } from '@thimble/plan/schedule'
import { useState } from 'react'
import { View } from 'react-native'
import Svg, { G, Line, Rect, Text } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { Tape } from './Tape'

const TAPE = 20
/** What is left of a roll goes on beyond the drawing: a little of it is shown. */
const BEYOND = 1.12
const MOST_HIGH = 260
/** Below this nothing written inside a piece can be read. */
const LEAST_LABEL = 54

/** A roll from above with its start at the left, to scale under a tape: strips, the pieces in them, and what stays on it. */
export function CutDrawing({ roll: { widthMm: width, lengthMm: length, usedMm: used, strips } }: { roll: CutRoll }) {
  const p = usePalette()
  const [across, setAcross] = useState(0)
  const cuts = strips.flatMap((strip) => strip.cuts)
  const shown = Math.min(length, Math.max(used * BEYOND, width * 0.5))
  const k = Math.min(across / shown, MOST_HIGH / width)
  const high = width * k
  return (
    <View
      role="img"
      aria-label={t('the-roll-from-its-start', { cuts: cuts.length, strips: strips.length, round: Math.round(used) })}
      style={{ height: across === 0 ? MOST_HIGH : high + TAPE + 8 }}
      onLayout={(e) => setAcross(e.nativeEvent.layout.width)}
    >
      {across === 0 ? null : (
        <Svg width={across} height={high + TAPE + 8}>
          <Tape length={shown * k} k={k} from={0} unit="mm" depth={TAPE} across />
          <G y={TAPE}>
            <Rect x={0} y={0} width={shown * k} height={high} fill={p.table} />
            {cuts.map(({ x, y, width: w, height: h }) => (
              <G key={`${x} ${y}`}>
                <Rect x={y * k} y={x * k} width={h * k} height={w * k} fill={p.paper} stroke={p.ink} strokeWidth={1} />
                {h * k >= LEAST_LABEL && w * k >= 18 ? (
                  <Text
                    x={(y + h / 2) * k}
                    y={(x + w / 2) * k + 4}
                    fontSize={12}
                    fontFamily="Text"
                    fill={p.ink}
                    textAnchor="middle"
                  >
                    {`${Math.round(w)} × ${Math.round(h)}`}
                  </Text>
                ) : null}
              </G>
            ))}
            {strips.map(({ y, height }) => (
              <Line
                key={y}
                x1={(y + height) * k}
                x2={(y + height) * k}
                y1={-4}
                y2={high + 6}
                stroke={p.madder}
                strokeWidth={2}
                strokeDasharray="6 4"
              />
            ))}
          </G>
        </Svg>
      )}
    </View>
  )
}
