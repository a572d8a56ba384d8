import Svg, { Line, Rect } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'

type Props = { width: number; height: number; colours: readonly string[]; largest: number; px: number }

/** A design known by its size only: its box at the shelf's scale, with its colours in order as a strip. */
export function SizeDrawing({ width, height, colours, largest, px }: Props) {
  const p = usePalette()
  const k = (px - 18) / largest
  const [w, h] = [width * k, height * k]
  const [x, y] = [(px - w) / 2, (px - 14 - h) / 2]
  return (
    <Svg aria-hidden width={px} height={px}>
      <Rect x={x} y={y} width={w} height={h} fill={p.calico} stroke={p.ink} strokeWidth={1.4} strokeDasharray="5 3" />
      <Line x1={px / 2} x2={px / 2} y1={y} y2={y + h} stroke={p.chalk} strokeWidth={1.2} />
      <Line x1={x} x2={x + w} y1={y + h / 2} y2={y + h / 2} stroke={p.chalk} strokeWidth={1.2} />
      {colours.map((c, i) => (
        <Rect
          key={`${i}${c}`}
          x={2 + (i * (px - 4)) / colours.length}
          y={px - 9}
          width={(px - 4) / colours.length}
          height={8}
          fill={c}
          stroke={p.ink}
          strokeWidth={0.6}
        />
      ))}
    </Svg>
  )
}
