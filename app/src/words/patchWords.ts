import { things as t } from '@thimble/language/en/things'
import type { PatchRole } from '@thimble/core/design'
import type { ClothHalt } from '@thimble/core/sewing'
import { joined } from '@thimble/language'

export const roleNames: readonly { id: PatchRole; name: string }[] = [
  { id: 'placement', name: t('placement-line') },
  { id: 'tack', name: t('tack-down') },
  { id: 'cover', name: t('cover') },
  { id: 'detail', name: t('detail') },
]

export const roleName = (role: PatchRole): string => roleNames.find(({ id }) => id === role)!.name

const line = (names: readonly string[]): string => t('its-line-their-lines', { names: names.length })

/** What the hands do at a halt, a sentence for each: “Lay Sail and Flag over their lines.” */
export const haltSays = ({ lay, trim }: ClothHalt): string[] => [
  ...(lay.length > 0 ? [t('lay-over', { lay: joined(lay), line: line(lay) })] : []),
  ...(trim.length > 0 ? [t('trim-close-to-the-tack', { trim: joined(trim) })] : []),
]

/** The button that ends it: “Sail laid”; with another thread: “Sail laid, Red is on”. */
export function haltDone({ lay, trim }: ClothHalt, thread: string | null): string {
  const done = [
    ...(lay.length > 0 ? [t('laid', { lay: joined(lay) })] : []),
    ...(trim.length > 0 ? [t('trimmed', { trim: joined(trim) })] : []),
  ]
  return [...done, ...(thread ? [t('is-on', { thread })] : [])].join(', ')
}
