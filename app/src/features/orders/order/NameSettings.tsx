import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
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
  { id: 'height', name: t('same-letter-height') },
  { id: 'width', name: t('same-width') },
] as const
const INK = { id: '#1f2d38', name: t('ink'), swatch: '#1f2d38' }

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
      <Choices label={t('typeface')} choices={typefaces} value={setting.face} onChange={(face) => set({ face })} />
      <Choices
        label={t('fit')}
        choices={ways}
        value={setting.by}
        onChange={(by) => set({ by, most: { text: '', unit } })}
      />
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <LengthField
          half
          label={high ? t('capital-height') : t('width-of-a-name')}
          slot={`${slot}.size`}
          typed={setting.size}
          unit={unit}
          problem={problems.size}
          onChange={(size) => set({ size })}
        />
        <LengthField
          half
          label={high ? t('maximum-width') : t('maximum-height')}
          slot={`${slot}.most`}
          typed={setting.most}
          unit={unit}
          placeholder={t('any')}
          problem={problems.most}
          onChange={(most) => set({ most })}
        />
      </View>
      <Choices
        label={t('thread')}
        choices={useColours(setting.colour)}
        value={setting.colour}
        onChange={(colour) => set({ colour })}
      />
      {problem ? <Text tone="madder">{problem}</Text> : null}
      {names.length === 0 ? <Text soft>{t('no-names-yet')}</Text> : null}
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
  text: t('this-thread-barely-shows-on'),
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
  return t('from-to-mm-wide', { many: many(fitted.length, 'name'), min: Math.min(...widths), max: Math.max(...widths) })
}

/** Ink, the threads of the shelf, and the one that was chosen. */
function useColours(chosen: string) {
  const threads = useNamed('threads')
    .filter(({ weight }) => weight !== 12)
    .slice(0, 8)
    .map(({ colour, name }) => ({ id: colour.toLowerCase(), name, swatch: colour }))
  const all = [INK, ...threads]
  const known = all.some(({ id }) => id === chosen)
    ? all
    : [...all, { id: chosen, name: t('as-chosen'), swatch: chosen }]
  return known.filter((one, i) => known.findIndex(({ id }) => id === one.id) === i)
}
