import { stash as t } from '@thimble/language/en/stash'
import { type Machine } from '@thimble/contract'
import { View } from 'react-native'
import { FormChoices, FormField, FormLength } from '@/forms/FormField'
import { FormPage } from '@/forms/FormPage'
import { useDocForm } from '@/forms/useDocForm'
import { useDocuments } from '@/state/store'
import { Text } from '@/ui/Text'
import { MachineParts } from './MachineParts'
import { machineFieldOf, type MachineTexts, readMachine, writeMachine } from './machineTexts'

const bedNames = [
  { id: 'flat', name: t('flat-bed') },
  { id: 'free-arm', name: t('free-arm') },
] as const
const turnNames = [
  { id: 'any', name: t('any-angle') },
  { id: 'quarter', name: t('quarter-turns-only') },
] as const
const yesNo = [
  { id: 'yes', name: t('on-the-bench') },
  { id: 'no', name: t('put-away') },
] as const

/** A machine: what it sews, how finely it is dialled, and the room in its throat. */
export function MachineForm({ id }: { id: string }) {
  const style = useDocuments((s) => s.shop)
  const { form, kept, keep, removeIt } = useDocForm({
    ...{ collection: 'machines', id, back: '/stash' },
    write: (machine?: Machine) => writeMachine(machine, style),
    read: (texts: MachineTexts) => readMachine(texts, style.unit),
    fieldOf: machineFieldOf,
  })
  const { control } = form
  const pair = (...fields: React.ReactNode[]) => <View style={{ flexDirection: 'row', gap: 12 }}>{fields}</View>
  const length = (name: keyof MachineTexts, label: string) => (
    <FormLength key={name} half control={control} name={name} label={label} unit={style.unit} />
  )
  const number = (name: keyof MachineTexts, label: string, suffix: string, placeholder: string) => (
    <FormField key={name} half control={control} name={name} label={label} suffix={suffix} placeholder={placeholder} />
  )
  return (
    <FormPage
      title={kept ? kept.name : t('a-new-machine')}
      onKeep={keep}
      removal={kept ? t('remove-this-machine') : null}
      onRemove={removeIt}
      picture={kept ? <MachineParts machine={kept} /> : null}
    >
      <FormField control={control} name="name" label={t('name')} placeholder={t('window-machine')} />
      <FormChoices control={control} name="bed" label={t('bed')} choices={bedNames} />
      {pair(length('fieldW', t('largest-field-width')), length('fieldH', t('largest-field-height')))}
      {pair(number('needles', t('needles'), '', '1'), number('change', t('colour-change'), 's', '75'))}
      {pair(
        number('usual', t('usual-speed'), t('stitches-a-minute'), '600'),
        number('most', t('fastest'), t('stitches-a-minute'), '800'),
      )}
      <FormChoices control={control} name="turns" label={t('turns-a-design')} choices={turnNames} />
      {pair(number('angle', t('smallest-turn'), '°', '1'), number('move', t('smallest-move'), 'mm', '0.5'))}
      <Text soft>{t('the-space-under-the-arm')}</Text>
      {pair(length('depth', t('under-the-arm-depth')), length('height', t('under-the-arm-height')))}
      <FormChoices control={control} name="bench" label={t('where-it-is')} choices={yesNo} />
    </FormPage>
  )
}
