import type { TapeLine } from '@thimble/core/placement'
import { G, Path, Rect, Text } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import { toPath, toX, toY, type View } from './scale'

type Props = { view: View; tape: TapeLine; text: string; lit?: boolean }

/** A length of tape laid on the cloth with its figure; lit while its number is being typed. */
export function TapeOnCloth({ view, tape, text, lit }: Props) {
  const p = usePalette()
  const d = toPath(view, [tape.from, tape.to], false)
  return (
    <G>
      <Path d={d} stroke={p.onTape} strokeWidth={lit ? 9 : 6.5} />
      <Path d={d} stroke={lit ? p.weld : p.tape} strokeWidth={lit ? 7 : 4.5} />
      {text === '' ? null : <Figure view={view} tape={tape} text={text} fill={lit ? p.weld : p.tape} />}
    </G>
  )
}

/** The tapes that are not being typed, numbered in their order; few elements, as they are drawn again at every key. */
export function FaintTapes({
  view,
  tapes,
  order,
}: {
  view: View
  tapes: readonly TapeLine[]
  order: readonly string[]
}) {
  const p = usePalette()
  const d = tapes.map((t) => toPath(view, [t.from, t.to], false)).join('')
  return (
    <G opacity={0.75}>
      <Path d={d} stroke={p.onTape} strokeWidth={6.5} />
      <Path d={d} stroke={p.tape} strokeWidth={4.5} />
      {tapes.map((t) => (
        <Figure key={t.id} view={view} tape={t} text={String(order.indexOf(t.id) + 1)} fill={p.tape} />
      ))}
    </G>
  )
}

function Figure({ view, tape, text, fill }: { view: View; tape: TapeLine; text: string; fill: string }) {
  const p = usePalette()
  const [x1, y1, x2, y2] = [toX(view, tape.from.x), toY(view, tape.from.y), toX(view, tape.to.x), toY(view, tape.to.y)]
  const width = text.length * 7 + 10
  const upright = Math.abs(y2 - y1) > Math.abs(x2 - x1)
  const rawX = (x1 + x2) / 2 + (upright ? width / 2 + 8 : 0)
  const cx = Math.min(view.width - width / 2 - 2, Math.max(width / 2 + 2, rawX))
  const cy = (y1 + y2) / 2 + (upright ? 0 : 13)
  return (
    <>
      <Rect
        x={cx - width / 2}
        y={cy - 9}
        width={width}
        height={18}
        rx={3}
        fill={fill}
        stroke={p.onTape}
        strokeWidth={0.8}
      />
      <Text x={cx} y={cy + 4.5} textAnchor="middle" fontFamily="TextBold" fontSize={12.5} fill={p.onTape}>
        {text}
      </Text>
    </>
  )
}
