import type { Behind } from '@thimble/core/messages'
import { en } from './en'
import { labelOf, writeName } from './speaker'

/** All names behind one start of their ids, by what follows it. */
function namesIn<Start extends string>(
  start: Start,
  write: (id: string) => string,
): Readonly<Record<Behind<Start>, string>> {
  const ids = Object.keys(en).filter((id) => id.startsWith(`${start}.`))
  return Object.fromEntries(ids.map((id) => [id.slice(start.length + 1), write(id)])) as Record<Behind<Start>, string>
}

/** What the trade calls each layer. */
export const layerNames = namesIn('layer', labelOf)
export const gripNames = namesIn('grip', writeName)
export const holdingNames = namesIn('holding', labelOf)
export const pointNames = namesIn('point', writeName)
export const bobbinColourNames = namesIn('bobbin', writeName)
/** What the trade calls what goes wrong. */
export const faultNames = namesIn('fault', labelOf)
export const howBadNames = namesIn('how-bad', writeName)
export const verdictNames = namesIn('verdict', labelOf)
/** How a piece looks after the wash; `open`: nobody has seen it. */
export const washNames = { open: labelOf('wash.open'), ...verdictNames } as const
