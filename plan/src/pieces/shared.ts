import type { Patch, Piece } from '@thimble/contract'
import { kindOf } from './kindOf'
import { newPiece } from './newPiece'

type Fresh = { id: string; now: string }

/** The part of a change that belongs to the item and not to one placement on it: what is measured once, and the cloth. */
export function sharedPart({ item, measure, build, customer, due, run }: Patch<Piece>): Patch<Piece> | null {
  const part = given({
    customer,
    due,
    run,
    item: given({ size: item?.size }),
    measure: given({ measures: measure?.measures, zones: measure?.zones }),
    build: given({ cloth: build?.cloth, use: build?.use }),
  })
  return part as Patch<Piece> | null
}

/** Only what is said in a change; null when it says nothing. */
function given<T extends object>(parts: T): Partial<T> | null {
  const said = Object.entries(parts).filter(([key, value]) => value !== undefined && (value !== null || key === 'due'))
  return said.length > 0 ? (Object.fromEntries(said) as Partial<T>) : null
}

/** Another placement on the same item: its measurements and cloth are there already, its design, hoop and stack not. */
export function alsoOn(piece: Piece, shared: string, { id, now }: Fresh): Piece {
  const { placements } = kindOf(piece)
  const next = placements.find((p) => p.id !== piece.measure.placement) ?? placements[0]!
  const { name, customer, due, run, item, measure, build } = piece
  const blank = newPiece({
    id,
    name,
    createdAt: now,
    item: { ...item, shared },
    placement: next.id,
    family: build.cloth.family,
  })
  return {
    ...blank,
    customer,
    due,
    run,
    measure: { ...blank.measure, measures: measure.measures, zones: measure.zones, carried: measure.carried },
    build: { ...blank.build, cloth: build.cloth, use: build.use },
  }
}
