import { writeName } from '@thimble/language'
import { planning as t } from '@thimble/language/en/planning'
import type { LinePlace, Order, OrderLine, Piece } from '@thimble/contract'
import { readCount } from '../measure/readTyped'
import { inOrder } from '../measure/readPiece'
import { kindOf } from '../pieces/kindOf'

/** One item of a line: a person's, or one of a count. `row`: what tells it from the others of its line. */
export type Garment = { row: string; size: string; name: string; colour: string | null; note: string }

const MOST_OF_A_SIZE = 2000

export const linesOf = ({ lines }: Pick<Order, 'lines'>): [string, OrderLine][] => inOrder(lines)
export const placesOf = ({ places }: Pick<OrderLine, 'places'>): [string, LinePlace][] => inOrder(places)

/** What kind of item a line is of. */
export const kindOfLine = ({ item }: Pick<OrderLine, 'item'>) =>
  kindOf({ item: { kind: item.kind, own: item.own, size: '', shared: null } })

/** How many of each size have no name; a sentence where what is typed is no number. */
export const countOf = (text: string): { value: number | null; problem: string | null } => {
  const { value, problem } = readCount(text)
  if (value !== null && value > MOST_OF_A_SIZE)
    return { value: null, problem: t('over-of-one-size-is', { one: MOST_OF_A_SIZE }) }
  return { value, problem }
}

/** All items of a line, those with names first, in the order they were put in; then the counts, size by size. */
export function garmentsOf(line: Pick<OrderLine, 'item' | 'names' | 'counts'>): Garment[] {
  const named = inOrder(line.names).map(([row, { size, name, colour, note }]) => ({ row, size, name, colour, note }))
  const counted = kindOfLine(line).sizes.flatMap(({ id: size }) =>
    Array.from({ length: countOf(line.counts[size] ?? '').value ?? 0 }, (_, i) => ({
      ...{ row: `${size}-${i + 1}`, size, name: '', colour: null, note: '' },
    })),
  )
  return [...named, ...counted]
}

/** How many items an order is of. */
export const quantityOf = (order: Pick<Order, 'lines'>): number =>
  Object.values(order.lines).reduce((sum, line) => sum + garmentsOf(line).length, 0)

/** What a line is called: as it was, else as its item. */
export const lineName = (line: Pick<OrderLine, 'name' | 'item'>): string =>
  line.name.trim() || writeName(kindOfLine(line).name)

/** Where pieces stand in their order as it was typed, line by line and row by row, from 0; those no more in it come last. */
export function rowOrder(order: Pick<Order, 'lines'>): (piece: Pick<Piece, 'order'>) => number {
  const rows = linesOf(order).flatMap(([id, line]) => garmentsOf(line).map(({ row }) => `${id}/${row}`))
  const at = new Map(rows.map((row, i) => [row, i]))
  return ({ order: of }) => at.get(`${of?.line}/${of?.row}`) ?? rows.length
}
