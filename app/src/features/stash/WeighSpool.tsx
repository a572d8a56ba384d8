import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import type { ReactNode } from 'react'
import { View } from 'react-native'
import { Field } from '@/ui/Field'
import { Disclosure } from '@/ui/Disclosure'
import { useDraftText } from '@/ui/useDraftText'
import { Text } from '@/ui/Text'
import { weigh } from './weigh'

type Props = {
  slot: string
  tex: number
  bare: string
  /** Where the weight of an empty spool is typed: the form's own field, so that it is kept with the thread. */
  bareField: ReactNode
  onWeighed: (metres: number) => void
}

/** A spool on the kitchen scale: with its thread, and bare; what is left follows from the thread's weight. */
export function WeighSpool({ slot, tex, bare, bareField, onWeighed }: Props) {
  const [gross, setGross] = useDraftText(`${slot}.gross`, '')
  const [spools, setSpools] = useDraftText(`${slot}.spools`, '')
  const { metres, problem } = weigh(gross, bare, spools, tex)
  const take = (): void => {
    onWeighed(metres ?? 0)
    setGross('', true)
    setSpools('', true)
  }
  const field = (label: string, suffix: string, value: string, set: typeof setGross, rest: object = {}) => (
    <Field
      half
      {...{ label, suffix, value, ...rest }}
      keyboard="numeric"
      onChange={(typed) => set(typed, typed === '')}
    />
  )
  return (
    <Disclosure title={t('weigh-the-spool')}>
      <Text soft>{t('taken-at-g-a-thousand', { tex })}</Text>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {field(t('now'), 'g', gross, setGross, { problem })}
        {bareField}
      </View>
      {field(t('spools-on-the-scale'), '', spools, setSpools, { placeholder: '1' })}
      {metres === null ? null : (
        <Button type="outline" title={t('use-m', { round: Math.round(metres) })} onPress={take} />
      )}
    </Disclosure>
  )
}
