import { type Control, useController } from 'react-hook-form'
import type { Hoop } from '@thimble/contract'
import { TickLine } from '@/ui/TickLine'
import { Words } from '@/ui/Words'
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
      <Words soft>{taken.length === 0 ? 'Goes on every machine' : 'Goes on'}</Words>
      {machines.map(({ id, name }) => (
        <TickLine
          key={id}
          title={name}
          done={taken.includes(id)}
          onChange={(on) => field.onChange(on ? [...taken, id] : taken.filter((one) => one !== id))}
        />
      ))}
    </>
  )
}
