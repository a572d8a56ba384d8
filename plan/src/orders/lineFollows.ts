import type { Order, OrderLine, Patch, Piece } from '@thimble/contract'
import { generate } from 'json-merge-patch'

/** Pieces planned together: one line, one place on the item. */
const ofOnePlan = (a: Piece, b: Piece): boolean =>
  a.order !== null &&
  b.order !== null &&
  a.order.id === b.order.id &&
  a.order.line === b.order.line &&
  a.order.place === b.order.place

/** Those that take on what is given to their line: they follow it, and are not in the log. */
export const followersOf = (piece: Piece, pieces: readonly Piece[]): Piece[] =>
  pieces.filter(
    (one) => one.id !== piece.id && ofOnePlan(one, piece) && one.order!.follows && one.finish.kept.length === 0,
  )

/** A new piece of a line, planned as one of it that follows it, of its own size if there is one. */
export function planTaken(piece: Piece, pieces: readonly Piece[]): Piece {
  const line = pieces.filter((one) => ofOnePlan(one, piece) && one.order!.follows)
  const lead = line.find(({ item }) => item.size === piece.item.size) ?? line[0]
  return lead ? withPlan(piece, lead) : piece
}

/**
 * The plan of one piece given to another of its line: the design's place, stack and hoop as they are there; its numbers as
 * assumed, where both are of one size, as each size has its own. What was decided of the other stays, and so does its name's
 * design and the colour of its cloth.
 */
export function givePlan(lead: Piece, other: Piece): Patch<Piece> | null {
  const body = generate(other, withPlan(other, lead)) as Patch<Piece> | undefined
  return body && Object.keys(body).length > 0 ? body : null
}

function withPlan(other: Piece, lead: Piece): Piece {
  const next = { ...other }
  if (other.measure.kept.length === 0) next.measure = measureAs(other, lead)
  if (other.build.kept.length === 0) {
    const { cloth, use, thread, stack, own, spools } = lead.build
    const colour = other.build.cloth.colour
    next.build = { ...other.build, use, thread, stack, own, spools, cloth: { ...cloth, colour } }
  }
  if (other.hoop.kept.length === 0) {
    const { hoopId, holding, machineId, turn, lineUp } = lead.hoop
    const moved = other.measure.designId === lead.measure.designId ? lead.hoop.moved : other.hoop.moved
    next.hoop = { ...other.hoop, hoopId, holding, machineId, turn, lineUp, moved }
  }
  return next
}

function measureAs({ measure, item }: Piece, lead: Piece): Piece['measure'] {
  const { choices, anchors, zones, row, ownDesign, ownChange, markWith, measures, distances } = lead.measure
  const sameSize = item.size === lead.item.size
  const carried = { from: lead.name, size: lead.item.size, measures, distances, nextTime: '', hooped: null }
  return {
    ...{ ...measure, choices, anchors, zones, row, ownDesign, ownChange, markWith },
    ...(sameSize ? { carried } : {}),
  }
}

/** What an order's line takes on when one of its pieces gives it its plan: cloth, place and design, and the size of its own row. */
export function lineFrom({ order: of, item, measure, build }: Piece, order: Order): Patch<Order> | null {
  const line = of && order.lines[of.line]
  const place = of && line?.places[of.place]
  if (!of || !line || !place) return null
  const row = line.names[of.row]
  const own = row?.colour ? { colour: line.cloth.colour } : {}
  const next: OrderLine = {
    ...line,
    cloth: { ...build.cloth, told: line.cloth.told, ...own },
    names: row ? { ...line.names, [of.row]: { ...row, size: item.size } } : line.names,
    places: {
      ...line.places,
      [of.place]: { ...place, placement: measure.placement, designId: place.names ? null : measure.designId },
    },
  }
  const body = generate(order, { ...order, lines: { ...order.lines, [of.line]: next } }) as Patch<Order> | undefined
  return body && Object.keys(body).length > 0 ? body : null
}
