import { shopComputer as t } from '@thimble/language/en/shopComputer'
import type { Hoop, Machine } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import { fieldBox } from '@thimble/core/hooping'
import { boxOf, type Point } from '@thimble/core/plane'

type Asked = {
  machine: Pick<Machine, 'name' | 'field'> | null
  /** As it stands on the shelf; null: none that the machine knows. */
  hoop: Pick<Hoop, 'name' | 'machines'> | null
  field: Hoop['field']
  machineId: string
  path: readonly Point[]
}

/** Half a millimetre over is still taken, as a hand measures it. */
const EASY = 0.5

/**
 * A machine knows its own hoops and of a field its box, and takes nothing that goes beyond: what lies in a corner that an
 * oval has not, it finds out with its needle.
 *
 * @throws CoreError('refused') with what is wrong and what helps
 */
export function refuseJob({ machine, hoop, field, machineId, path }: Asked): void {
  const named = machine?.name ?? t('the-machine')
  if (hoop && hoop.machines.length > 0 && !hoop.machines.includes(machineId))
    throw new CoreError('refused', t('doesnt-know-use-one-of', { named, name: hoop.name }))
  const room = fieldBox(field)
  if (
    machine &&
    (room.right - room.left > machine.field.width + EASY || room.bottom - room.top > machine.field.height + EASY)
  )
    throw new CoreError('refused', t('cant-sew-a-field-as', { named }))
  const box = boxOf(path)
  const over = Math.max(room.left - box.left, box.right - room.right, room.top - box.top, box.bottom - room.bottom)
  if (over > EASY) throw new CoreError('refused', t('refuses-it-the-design-goes', { named, over: over.toFixed(1) }))
}
