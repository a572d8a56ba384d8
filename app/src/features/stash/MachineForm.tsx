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
  { id: 'flat', name: 'Flat bed' },
  { id: 'free-arm', name: 'Free arm' },
] as const
const turnNames = [
  { id: 'any', name: 'Any angle' },
  { id: 'quarter', name: 'Quarter turns only' },
] as const
const yesNo = [
  { id: 'yes', name: 'On the bench' },
  { id: 'no', name: 'Put away' },
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
      title={kept ? kept.name : 'A new machine'}
      onKeep={keep}
      removal={kept ? 'Remove this machine' : null}
      onRemove={removeIt}
      picture={kept ? <MachineParts machine={kept} /> : null}
    >
      <FormField control={control} name="name" label="Name" placeholder="Window machine" />
      <FormChoices control={control} name="bed" label="Bed" choices={bedNames} />
      {pair(length('fieldW', 'Largest field, width'), length('fieldH', 'Largest field, height'))}
      {pair(number('needles', 'Needles', '', '1'), number('change', 'Colour change', 's', '75'))}
      {pair(number('usual', 'Usual speed', 'stitches/min', '600'), number('most', 'Fastest', 'stitches/min', '800'))}
      <FormChoices control={control} name="turns" label="Turns a design" choices={turnNames} />
      {pair(number('angle', 'Smallest turn', '°', '1'), number('move', 'Smallest move', 'mm', '0.5'))}
      <Text soft>The space under the arm, to the right of the needle.</Text>
      {pair(length('depth', 'Under the arm, depth'), length('height', 'Under the arm, height'))}
      <FormChoices control={control} name="bench" label="Where it is" choices={yesNo} />
    </FormPage>
  )
}
