import type { TapeLine } from '@thimble/core/placement'
import { G, Path, Rect, Text } from 'react-native-svg'
import { usePalette } from '@/theme/PaletteProvider'
import type { LabelPlace } from './labelPlaces'
import { toPath, type View } from './scale'

type Props = { view: View; tape: TapeLine; text: string; label: LabelPlace; highlighted?: boolean }

/** A length of tape laid on the cloth with its figure; highlighted while its number is being typed. */
export function TapeOnCloth({ view, tape, text, label, highlighted }: Props) {
  const p = usePalette()
  const d = toPath(view, [tape.from, tape.to], false)
  return (
    <G>
      <Path d={d} stroke={p.onTape} strokeWidth={highlighted ? 9 : 6.5} />
      <Path d={d} stroke={highlighted ? p.weld : p.tape} strokeWidth={highlighted ? 7 : 4.5} />
      {text === '' ? null : <Figure {...label} text={text} fill={highlighted ? p.weld : p.tape} />}
    </G>
  )
}

type FaintProps = { view: View; tapes: readonly (TapeLine & { text: string })[]; labels: readonly LabelPlace[] }

/** The tapes that are not being typed, numbered in their order; few elements, as they are drawn again at every key. */
export function FaintTapes({ view, tapes, labels }: FaintProps) {
  const p = usePalette()
  const d = tapes.map((t) => toPath(view, [t.from, t.to], false)).join('')
  return (
    <G opacity={0.75}>
      <Path d={d} stroke={p.onTape} strokeWidth={6.5} />
      <Path d={d} stroke={p.tape} strokeWidth={4.5} />
      {tapes.map((t, i) => (
        <Figure key={t.id} {...labels[i]!} text={t.text} fill={p.tape} />
      ))}
    </G>
  )
}

function Figure({ x, y, width, text, fill }: LabelPlace & { text: string; fill: string }) {
  const p = usePalette()
  return (
    <>
      <Rect
        x={x - width / 2}
        y={y - 9}
        width={width}
        height={18}
        rx={3}
        fill={fill}
        stroke={p.onTape}
        strokeWidth={0.8}
      />
      <Text x={x} y={y + 4.5} textAnchor="middle" fontFamily="TextBold" fontSize={12.5} fill={p.onTape}>
        {text}
      </Text>
    </>
  )
}
