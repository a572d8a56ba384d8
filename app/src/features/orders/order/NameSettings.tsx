import type { NameSetting, OrderLine, Patch } from '@thimble/contract'
import { onGround } from '@thimble/core/colour'
import { garmentsOf } from '@thimble/plan/orders'
import { useMemo } from 'react'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { useNamed } from '@/state/useShelfDocs'
import { typefaces } from '@/theme/typefaces'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { LengthField } from '@/ui/LengthField'
import { useUnits } from '@/ui/useUnits'
import { Text } from '@/ui/Text'
import { many } from '@/words/designWords'
import { LongNames } from './LongNames'
import { readSetting } from './nameSettings'
import { useFitted } from './useFitted'

type Props = {
  slot: string
  line: OrderLine
  setting: NameSetting
  set: (body: Patch<NameSetting>) => void
}

const ways = [
  { id: 'height', name: 'Same letter height' },
  { id: 'width', name: 'Same width' },
] as const
const INK = { id: '#1f2d38', name: 'Ink', swatch: '#1f2d38' }

/** How the names of a line are set, and how they come out. */
export function NameSettings({ slot, line, setting, set }: Props) {
  const unit = useDocuments((s) => s.shop.unit)
  const inUnits = useUnits()
  const names = useMemo(() => [...new Set(garmentsOf(line).flatMap(({ name }) => (name ? [name] : [])))], [line])
  const { fitted, advice, problem } = useFitted(setting, names)
  const { problems } = readSetting(setting)
  const high = setting.by === 'height'
  return (
    <>
      <Choices label="Typeface" choices={typefaces} value={setting.face} onChange={(face) => set({ face })} />
      <Choices label="Fit" choices={ways} value={setting.by} onChange={(by) => set({ by, most: { text: '', unit } })} />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <LengthField
          half
          label={high ? 'Capital height' : 'Width of a name'}
          slot={`${slot}.size`}
          typed={setting.size}
          unit={unit}
          problem={problems.size}
          onChange={(size) => set({ size })}
        />
        <LengthField
          half
          label={high ? 'Maximum width' : 'Maximum height'}
          slot={`${slot}.most`}
          typed={setting.most}
          unit={unit}
          placeholder="any"
          problem={problems.most}
          onChange={(most) => set({ most })}
        />
      </View>
      <Choices
        label="Thread"
        choices={useColours(setting.colour)}
        value={setting.colour}
        onChange={(colour) => set({ colour })}
      />
      {problem ? <Text tone="madder">{problem}</Text> : null}
      {names.length === 0 ? <Text soft>No names yet.</Text> : null}
      {fitted.some((one) => !one.problem) ? <Text soft>{inUnits(outText(fitted))}</Text> : null}
      <LongNames {...{ setting, set, fitted }} />
      {isLost(setting.colour, line) ? <AdviceBar advice={LOST} /> : null}
      {advice.map((one) => (
        <AdviceBar key={one.code} advice={one} />
      ))}
    </>
  )
}

const LOST = {
  code: 'lost',
  text: 'This thread barely shows on some of these cloths. Choose another.',
  severity: 'caution',
} as const

/** Whether letters of a colour sink in the cloth of the line, or of a piece that has its own. */
const isLost = (colour: string, { cloth, names }: OrderLine): boolean =>
  [cloth.colour, ...Object.values(names).flatMap((one) => one.colour ?? [])].some(
    (ground) => onGround(colour, ground).kind === 'sinks',
  )

/** “12 names, from 18 mm to 61 mm wide.” */
function outText(fitted: ReturnType<typeof useFitted>['fitted']): string {
  const widths = fitted.filter(({ problem }) => !problem).map(({ width }) => Math.round(width))
  return `${many(fitted.length, 'name')}, from ${Math.min(...widths)} to ${Math.max(...widths)} mm wide.`
}

/** Ink, the threads of the shelf, and the one that was chosen. */
function useColours(chosen: string) {
  const threads = useNamed('threads')
    .filter(({ weight }) => weight !== 12)
    .slice(0, 8)
    .map(({ colour, name }) => ({ id: colour.toLowerCase(), name, swatch: colour }))
  const all = [INK, ...threads]
  const known = all.some(({ id }) => id === chosen) ? all : [...all, { id: chosen, name: 'As chosen', swatch: chosen }]
  return known.filter((one, i) => known.findIndex(({ id }) => id === one.id) === i)
}
