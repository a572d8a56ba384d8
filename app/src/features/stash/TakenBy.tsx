import { stash as t } from '@thimble/language/en/stash'
import { type Control, useController } from 'react-hook-form'
import type { Hoop } from '@thimble/contract'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { Text } from '@/ui/Text'
import { useNamed } from '@/state/useShelfDocs'
import type { HoopTexts } from './hoopTexts'

/** Which machines take the hoop; none ticked: all do. */
export function TakenBy({ control }: { control: Control<HoopTexts, unknown, Hoop> }) {
  const machines = useNamed('machines')
  const { field } = useController({ control, name: 'machines' })
  const taken = field.value.filter((id) => machines.some((machine) => machine.id === id))
  if (machines.length === 0) return null
  return (
    <>
      <Text soft>{taken.length === 0 ? t('goes-on-every-machine') : t('goes-on')}</Text>
      {machines.map(({ id, name }) => (
        <CheckboxRow
          key={id}
          title={name}
          done={taken.includes(id)}
          onChange={(on) => field.onChange(on ? [...taken, id] : taken.filter((one) => one !== id))}
        />
      ))}
    </>
  )
}
