import { writeName } from '@thimble/language'
import { planning as t } from '@thimble/language/en/planning'
import { readColour } from '@thimble/core/colour'
import type { ItemKind } from '@thimble/core/placement'

/** A line of a list as it was split, by its number in the list. */
type ListedLine = { line: number; cells: readonly string[] }
/** One piece as a line of the list says it. `colour`: of its cloth; null: as the others. */
export type ListedName = { line: number; size: string; name: string; colour: string | null; note: string }
type LineSaid = { line: number; says: string }
/** `bad`: lines that cannot be taken as they stand; `odd`: taken, and worth a look. */
export type NamesRead = { good: ListedName[]; bad: LineSaid[]; odd: LineSaid[] }

const columns = ['size', 'name', 'colour', 'note'] as const
type Column = (typeof columns)[number]
const calledAs: Readonly<Record<string, Column>> = {
  ...{ size: 'size', sizes: 'size', name: 'name', names: 'name', text: 'name', wording: 'name' },
  ...{ colour: 'colour', color: 'colour', note: 'note', notes: 'note', remark: 'note' },
}
/** Characters. */
const [MOST_NAME, MOST_NOTE] = [60, 400]

/** What the list is for: `named`: each piece bears its name; `threads`: names of colours that are known beside the common ones. */
type NamesFor = {
  kind: Pick<ItemKind, 'name' | 'sizes'>
  named: boolean
  colours?: readonly { name: string; colour: string }[]
  /** Already in the order. */
  known?: readonly Pick<ListedName, 'size' | 'name'>[]
}

/**
 * A list of pieces as it was pasted or came from a file, checked line by line: size; name; colour; note, in the order a first
 * line names them, else in this one. A line is taken whole or not at all, and what is said of it names its number.
 *
 * @example readNames([{ line: 1, cells: ['m', 'Wren'] }], { kind: polo, named: true }).good // [{ line: 1, size: 'm', name: 'Wren', … }]
 */
export function readNames(
  lines: readonly ListedLine[],
  { kind, named, colours = [], known = [] }: NamesFor,
): NamesRead {
  const filled = lines
    .map(({ line, cells }) => ({ line, cells: cells.map((cell) => cell.trim()) }))
    .filter(({ cells }) => cells.some(Boolean))
  const head = columnsNamed(filled[0]?.cells ?? [])
  const [order, rows] = head ? [head, filled.slice(1)] : [columns, filled]
  const read: NamesRead = { good: [], bad: [], odd: [] }
  const seen = new Map(known.map((one) => [keyOf(one), 0]))
  for (const { line, cells } of rows) {
    const found = readLine(partsOf(cells, order), { kind, named, colours })
    const tooMany = cells.slice(order.length).some(Boolean)
    if (tooMany || !found.read) {
      read.bad.push({ line, says: tooMany ? TOO_MANY : found.wrong! })
      continue
    }
    const one = { line, ...found.read }
    const before = one.name ? seen.get(keyOf(one)) : undefined
    if (before !== undefined)
      read.odd.push({ line, says: before ? t('same-as-line', { before }) : t('already-in-the-order') })
    seen.set(keyOf(one), line)
    read.good.push(one)
  }
  return read
}

const TOO_MANY = t('too-many-fields-size-name')

const keyOf = ({ size, name }: Pick<ListedName, 'size' | 'name'>): string => `${size}/${name.toLowerCase()}`

/** The columns in the order a first line names them; null where it is a piece already. */
export function columnsNamed(cells: readonly string[]): readonly (Column | null)[] | null {
  const named = cells.map((cell) => calledAs[cell.toLowerCase().replace(/[^a-z]/g, '')] ?? null)
  const known = named.filter(Boolean)
  return known.length > 0 && new Set(known).size === known.length && (known.length > 1 || cells.length === 1)
    ? named
    : null
}

function partsOf(cells: readonly string[], order: readonly (Column | null)[]): Record<Column, string> {
  const parts = { size: '', name: '', colour: '', note: '' }
  order.forEach((column, i) => column && (parts[column] = cells[i] ?? ''))
  return parts
}

type Read = { wrong: string; read?: never } | { wrong?: never; read: Omit<ListedName, 'line'> }

function readLine(
  { size: typed, name, colour: called, note }: Record<Column, string>,
  { kind, named, colours }: Required<Pick<NamesFor, 'kind' | 'named' | 'colours'>>,
): Read {
  const size = sizeOf(typed, kind.sizes)
  const colour = called ? colourOf(called, colours) : null
  if (!typed && kind.sizes.length > 1) return { wrong: t('no-size-write', { namesOf: namesOf(kind.sizes) }) }
  if (!size)
    return {
      wrong: t('is-not-a-size-of', { typed, name: writeName(kind.name).toLowerCase(), namesOf: namesOf(kind.sizes) }),
    }
  if (named && !name) return { wrong: t('no-name-to-stitch') }
  if (name.length > MOST_NAME) return { wrong: t('the-name-has-letters-keep', { name: name.length, one: MOST_NAME }) }
  if (called && !colour) return { wrong: t('is-not-a-known-colour', { called }) }
  if (note.length > MOST_NOTE) return { wrong: t('the-note-has-letters-keep', { note: note.length, one: MOST_NOTE }) }
  return { read: { size, name, colour, note } }
}

const colourOf = (called: string, colours: NonNullable<NamesFor['colours']>): string | null =>
  colours.find(({ name }) => name.toLowerCase() === called.toLowerCase())?.colour ?? readColour(called)

const namesOf = (sizes: ItemKind['sizes']): string => {
  const names = sizes.map(({ name }) => writeName(name))
  return names.length > 1
    ? t('or', { names: names.slice(0, -1).join(', '), at: String(names.at(-1)) })
    : (names[0] ?? '')
}

/** A size as people write it: by its name or id, “xxl” as “2XL”, “medium” as “M”; alone it need not be written. */
function sizeOf(typed: string, sizes: ItemKind['sizes']): string | null {
  const bare = typed.toLowerCase().replace(/[^a-z0-9]/g, '')
  if (!bare) return sizes.length === 1 ? sizes[0]!.id : null
  const spelt = bare.replace(/^(x{2,})l$/, (_, xs: string) => `${xs.length}xl`)
  const short = longForms[spelt] ?? spelt
  const plain = (text: string): string => text.toLowerCase().replace(/[^a-z0-9]/g, '')
  const found = sizes.find(({ id, name }) =>
    [plain(id), plain(writeName(name))].some((one) => one === bare || one === spelt || one === short),
  )
  return found?.id ?? null
}

const longForms: Readonly<Record<string, string>> = { small: 's', medium: 'm', large: 'l', extralarge: 'xl' }
