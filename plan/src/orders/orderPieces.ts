import type { LinePlace, Order, OrderLine, Patch, Piece } from '@thimble/contract'
import { apply, generate } from 'json-merge-patch'
import { resized } from '../measure/carried'
import { newPiece } from '../pieces/newPiece'
import { stagesDone } from '../stages/stages'
import { type Garment, garmentsOf, lineName, linesOf, placesOf } from './garments'
import { planTaken } from './lineFollows'

/** A piece as its order has it: which of its lines, rows and places it is for, and the design that goes there. */
type Wanted = {
  order: Order
  line: [string, OrderLine]
  garment: Garment
  place: [string, LinePlace]
  nth: number
  of: number
}

/** What has to happen so that an order's pieces are as it says. */
export type OrderChanges = {
  make: Piece[]
  /** Not there either, and made once their names are set. */
  unset: number
  follow: { id: string; body: Patch<Piece> }[]
  /** Follow it, but for what was decided of them before it said otherwise. */
  decided: Piece[]
  /** No more in the order, and nothing was done to them yet. */
  leave: Piece[]
  /** No more in the order, but begun. */
  begun: Piece[]
}

/**
 * Which design each name is set as; null where it is not set yet. Names of one line set alike are one design.
 */
export type NameDesigns = (place: string, name: string) => string | null

/** An id that follows from what a piece is for, so that making it twice is making it once. */
const idOf = ({ order, line: [line], garment, place: [place] }: Wanted): string =>
  [order.id, line, garment.row, place].join('-')

/**
 * What an order wants against the pieces there are of it; `inLog`: ids of those that are finished. What follows its line takes on what the
 * order says again; what was changed by hand or is in the log stays as it is.
 */
export function orderChanges(
  order: Order,
  pieces: readonly Piece[],
  designs: NameDesigns,
  { now, inLog }: { now: string; inLog: ReadonlySet<string> },
): OrderChanges {
  const wanted = wantedOf(order)
  const known = new Map(pieces.map((piece) => [piece.id, piece]))
  const ids = new Set(wanted.map(idOf))
  const gone = pieces.filter((piece) => !ids.has(piece.id) && piece.finish.kept.length === 0)
  const absent = wanted.filter((one) => !known.has(idOf(one)) && !inLog.has(idOf(one)))
  const make = absent.flatMap((one) => made(one, pieces, designs, now))
  const isBegun = (piece: Piece): boolean => stagesDone(piece).size > 0
  return {
    ...{ make, unset: absent.length - make.length },
    follow: wanted.flatMap((one) => {
      const piece = known.get(idOf(one))
      const body = piece && followed(piece, one, designs)
      return body ? [{ id: piece.id, body }] : []
    }),
    decided: wanted.flatMap((one) => {
      const piece = known.get(idOf(one))
      return piece && keepsOther(piece, one, designs) ? [piece] : []
    }),
    leave: gone.filter((piece) => !isBegun(piece)),
    begun: gone.filter(isBegun),
  }
}

function wantedOf(order: Order): Wanted[] {
  return linesOf(order).flatMap((line) => {
    const garments = garmentsOf(line[1])
    return garments.flatMap((garment, i) =>
      placesOf(line[1]).map((place) => ({ order, line, garment, place, nth: i + 1, of: garments.length })),
    )
  })
}

/** What an order says of a piece. */
function saidOf({ order, line: [, line], garment, place: [placeId, place], nth, of }: Wanted, designs: NameDesigns) {
  const called = lineName(line)
  return {
    name: (garment.name ? `${called}, ${garment.name}` : called).slice(0, 120),
    ...{ customer: order.customer, due: order.due, run: `${nth} of ${of}`, size: garment.size },
    ...{ placement: place.placement, designId: place.names ? designs(placeId, garment.name) : place.designId },
    cloth: { ...line.cloth, ...(garment.colour ? { colour: garment.colour } : {}) },
  }
}

/** A new piece, planned as the others of its line; none while the names of its line are not set. */
function made(wanted: Wanted, pieces: readonly Piece[], designs: NameDesigns, now: string): Piece[] {
  const {
    order,
    line: [lineId, line],
    garment,
    place,
  } = wanted
  const { cloth, placement, size, designId, ...said } = saidOf(wanted, designs)
  if (place[1].names && !designId) return []
  const shared = placesOf(line).length > 1 ? [order.id, lineId, garment.row].join('-') : null
  const { kind, own } = line.item
  const blank = newPiece({
    ...{ id: idOf(wanted), name: said.name, createdAt: now, placement, family: cloth.family, customer: said.customer },
    item: { kind, size, own, shared },
  })
  const piece: Piece = {
    ...blank,
    ...{ due: said.due, run: said.run, note: garment.note },
    order: { id: order.id, line: lineId, row: garment.row, place: place[0], follows: true },
    measure: { ...blank.measure, designId },
    build: { ...blank.build, cloth: { ...cloth, told: true } },
  }
  return [planTaken(piece, pieces)]
}

/** Whether what was decided of a piece is other than its order says now. */
function keepsOther(piece: Piece, wanted: Wanted, designs: NameDesigns): boolean {
  if (!piece.order?.follows || piece.finish.kept.length > 0) return false
  const { cloth, placement, size, designId } = saidOf(wanted, designs)
  const { measure, build, item } = piece
  const elsewhere =
    measure.placement !== placement || item.size !== size || (designId !== null && measure.designId !== designId)
  const otherCloth = build.cloth.family !== cloth.family || build.cloth.colour !== cloth.colour
  return (measure.kept.length > 0 && elsewhere) || (build.kept.length > 0 && otherCloth)
}

/** What changes of a piece that follows its line; null where nothing does. What was decided of it stays. */
function followed(piece: Piece, wanted: Wanted, designs: NameDesigns): Patch<Piece> | null {
  if (!piece.order?.follows || piece.finish.kept.length > 0) return null
  // Until its name is set again it stays as it is.
  if (wanted.place[1].names && !designs(wanted.place[0], wanted.garment.name)) return null
  const { cloth, placement, size, designId, ...said } = saidOf(wanted, designs)
  const after: Piece = { ...piece, ...said }
  if (piece.measure.kept.length === 0) {
    const { item, measure } =
      size === piece.item.size ? piece : (apply(JSON.parse(JSON.stringify(piece)), resized(piece, size)) as Piece)
    const moved = placement === measure.placement ? {} : { placement, anchors: { down: null, across: null } }
    after.item = { ...item, size }
    after.measure = { ...measure, ...moved, designId: designId ?? measure.designId }
  }
  if (piece.build.kept.length === 0) after.build = { ...piece.build, cloth: { ...cloth, told: piece.build.cloth.told } }
  const body = generate(piece, after) as Patch<Piece> | undefined
  return body && Object.keys(body).length > 0 ? body : null
}
