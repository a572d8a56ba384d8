import type { PatchRole } from '@thimble/core/design'
import type { ClothHalt } from '@thimble/core/sewing'
import { joined } from './joined'

export const roleNames: readonly { id: PatchRole; name: string }[] = [
  { id: 'placement', name: 'Placement line' },
  { id: 'tack', name: 'Tack-down' },
  { id: 'cover', name: 'Cover' },
  { id: 'detail', name: 'Detail' },
]

export const roleName = (role: PatchRole): string => roleNames.find(({ id }) => id === role)!.name

const line = (names: readonly string[]): string => (names.length === 1 ? 'its line' : 'their lines')

/** What the hands do at a halt, a sentence for each: “Lay Sail and Flag over their lines.” */
export const haltSays = ({ lay, trim }: ClothHalt): string[] => [
  ...(lay.length > 0 ? [`Lay ${joined(lay)} over ${line(lay)}.`] : []),
  ...(trim.length > 0
    ? [`Trim ${joined(trim)} close to the tack-down: hoop off the machine, blades away from your hand and the cloth.`]
    : []),
]

/** The button that ends it: “Sail laid”; with another thread: “Sail laid, Red is on”. */
export function haltDone({ lay, trim }: ClothHalt, thread: string | null): string {
  const done = [
    ...(lay.length > 0 ? [`${joined(lay)} laid`] : []),
    ...(trim.length > 0 ? [`${joined(trim)} trimmed`] : []),
  ]
  return [...done, ...(thread ? [`${thread} is on`] : [])].join(', ')
}
