import type { TapeLine } from '@thimble/core/placement/itemShape'
import { G, Line, Rect, Text } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { toX, toY, type View } from './scale'

type Props = { view: View; tape: TapeLine; text: string; lit?: boolean; faint?: boolean; number?: number }

/** A length of tape laid on the cloth with its figure; lit while its number is being typed. */
export function TapeOnCloth({ view, tape, text, lit, faint, number }: Props) {
  const p = usePalette()
  const [x1, y1, x2, y2] = [toX(view, tape.from.x), toY(view, tape.from.y), toX(view, tape.to.x), toY(view, tape.to.y)]
  const label = number === undefined ? text : text === '' ? String(number) : `${number}  ${text}`
  const width = label.length * 7 + 10
  const upright = Math.abs(y2 - y1) > Math.abs(x2 - x1)
  const rawX = (x1 + x2) / 2 + (upright ? width / 2 + 8 : 0)
  const cx = Math.min(view.width - width / 2 - 2, Math.max(width / 2 + 2, rawX))
  const cy = (y1 + y2) / 2 + (upright ? 0 : 13)
  return (
    <G opacity={faint ? 0.75 : 1}>
      <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={p.onTape} strokeWidth={lit ? 9 : 6.5} />
      <Line x1={x1} y1={y1} x2={x2} y2={y2} stroke={lit ? p.weld : p.tape} strokeWidth={lit ? 7 : 4.5} />
      {label === '' ? null : (
        <G>
          <Rect
            x={cx - width / 2}
            y={cy - 9}
            width={width}
            height={18}
            rx={3}
            fill={lit ? p.weld : p.tape}
            stroke={p.onTape}
            strokeWidth={0.8}
          />
          <Text x={cx} y={cy + 4.5} textAnchor="middle" fontFamily="TextBold" fontSize={12.5} fill={p.onTape}>
            {label}
          </Text>
        </G>
      )}
    </G>
  )
}
