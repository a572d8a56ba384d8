import type { PhraseId, PhraseSlots } from './phrases'

/** A name: a word the program knows by its id, one that somebody gave, or a name made of others. */
export type Named = string | { own: string } | Message

/** What fills a slot of a sentence: a length in mm, a number without a unit, or a name. */
export type Fill = number | { plain: number } | Named

/**
 * A sentence as data: which one, and the numbers and names in it. Kept like this it is reworded, and written in other
 * units, without being changed; `writeSaid` makes words of it.
 *
 * @example ['step.depth', { line: 'line.shoulder', far: 190, way: 'way.down' }]
 */
export type Message = readonly [id: string, fills?: Readonly<Record<string, Fill>>]

type FillsOf<Id extends PhraseId> = [PhraseSlots<Id>] extends [never] ? [] : [fills: Record<PhraseSlots<Id>, Fill>]

/** A sentence of the phrase book; the compiler holds its fills against its slots. */
export const message = <Id extends PhraseId>(id: Id, ...fills: FillsOf<Id>): Message =>
  fills[0] ? [id, fills[0]] : [id]

/** The lengths in a sentence in mm, those of the names in it among them: what rounding to the tape may cost. */
export function lengthsIn([, fills = {}]: Message): number[] {
  return Object.values(fills).flatMap((fill) =>
    typeof fill === 'number' ? [fill] : Array.isArray(fill) ? lengthsIn(fill as unknown as Message) : [],
  )
}
