import type { Catalogue, MessageId } from '@thimble/language/en'

export type { MessageId }

/** A name: a word the program knows by its id, one that somebody gave, or a name made of others. */
export type Named = string | { own: string } | Message

/** What something is called: by the program, or by who made it. */
export type Called = Message | { own: string }

/** What fills a slot of a sentence: a number in the slot's own unit, mm for a length, or a name. */
export type Fill = number | { plain: number } | Named

/**
 * A sentence as data: which one, and the numbers and names in it. Kept like this it is reworded, and written in other
 * units, without being changed; the room `language` makes words of it.
 *
 * @example ['step.depth', { line: 'line.shoulder', far: 190, way: 'way.down' }]
 */
export type Message = readonly [id: string, fills?: Fills]
type Fills = Readonly<Record<string, Fill>>

/** What each function of a slot is filled with: `{$far :tape}` asks for millimetres. */
type FillOf<Kind extends string> = Kind extends 'name' | `name ${string}`
  ? Named
  : Kind extends 'text'
    ? string
    : number | { plain: number }

/** The slots of a sentence by its own text, each with what fills it. */
type SlotsIn<Text extends string> = Text extends `${string}{$${infer Slot} :${infer Kind}}${infer Rest}`
  ? { readonly [Name in Slot]: FillOf<Kind> } & SlotsIn<Rest>
  : unknown

/** What a sentence has to be given: nothing, or a fill for each of its slots. */
export type FillsIn<Text extends string> = unknown extends SlotsIn<Text> ? [] : [fills: SlotsIn<Text>]

type FillsOf<Id extends MessageId> = FillsIn<Catalogue[Id]>

/** A sentence of the catalogue; the compiler holds its fills against its slots. */
export const message = <Id extends MessageId>(id: Id, ...fills: FillsOf<Id>): Message =>
  fills[0] ? [id, fills[0] as Fills] : [id]

/** The lengths in a sentence in mm, those of the names in it among them: what rounding to the tape may cost. */
export function lengthsIn([, fills = {}]: Message): number[] {
  return Object.values(fills).flatMap((fill) =>
    typeof fill === 'number' ? [fill] : Array.isArray(fill) ? lengthsIn(fill as unknown as Message) : [],
  )
}

/** The ids of the catalogue behind `start.`. */
export type Behind<Start extends string> = MessageId extends infer Id
  ? Id extends `${Start}.${infer Rest}`
    ? Rest
    : never
  : never

/** A rule whose reason the catalogue has. */
export type WhyId = Behind<'why'>
/** A rule whose line of a list the catalogue has. */
export type DoId = Behind<'do'>

type Saying<F, Id> = { id: Id; says?: (f: F) => Message }

/** What a rule says of what it decided: its own sentence, or the one that fits. */
export const whyOf = <F>({ id, says }: Saying<F, WhyId>, f: F): Message => says?.(f) ?? [`why.${id}`]
export const doOf = <F>({ id, says }: Saying<F, DoId>, f: F): Message => says?.(f) ?? [`do.${id}`]

/** One thing said after another, where there are two of them. */
export const bothOf = (one: Message | null, other: Message | null): Named | null =>
  one && other ? message('both', { one, other }) : (one ?? other)
