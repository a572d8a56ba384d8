import type { FillsIn } from '@thimble/core/messages'
import { speakerFor } from './speaker'

/** Lengths are not written here: a sentence with a length in it is a message, which takes the shop's unit. */
const { write } = speakerFor({ unit: 'mm' })

type Book = Readonly<Record<string, string>>
type Fills = Readonly<Record<string, unknown>>

/**
 * The texts of one place, and who says them: by the id of a text and what fills its slots.
 *
 * @example
 * const bench = words({ more: '{$count :number} more like this' })
 * bench('more', { count: 3 }) // '3 more like this'
 */
export function words<const Texts extends Book>(texts: Texts) {
  return <Id extends keyof Texts & string>(id: Id, ...[fills]: FillsIn<Texts[Id]>): string =>
    write(texts[id]!, (fills ?? {}) as Fills)
}
