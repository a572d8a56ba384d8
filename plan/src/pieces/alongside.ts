import type { Piece } from '@thimble/contract'
import { cornerIds, otherSide, placementRule } from '@thimble/core/placement'
import { kindOf } from './kindOf'
import { sameAgain } from './sameAgain'

type Fresh = { id: string; now: string }
type Place = { placement: string; choices: Record<string, string> }

const ruleOf = (piece: Piece) => placementRule(kindOf(piece), piece.measure.placement)

/** Where the other of a pair goes: the other chest, sleeve, cuff, collar point or leg; null where there is no other. */
export const pairPlace = (piece: Piece): Place | null => otherSide(ruleOf(piece), piece.measure.choices)

/** The other corners of a piece that has its design in one of them; none where it has not. */
export function cornerPlaces(piece: Piece): Place[] {
  const { placement, choices } = piece.measure
  const asked = ruleOf(piece).choices?.find(({ id }) => id === 'corner')
  if (!asked) return []
  const here = choices.corner ?? asked.usual
  return cornerIds.filter((corner) => corner !== here).map((corner) => ({ placement, choices: { corner } }))
}

/** The same design once more on the same item, somewhere else: measured already, with its own hooping and record. */
export function alongside(piece: Piece, { placement, choices }: Place, shared: string, fresh: Fresh): Piece {
  const again = sameAgain(piece, fresh)
  const { measures, distances, zones, anchors, carried } = piece.measure
  const across = anchors.across && { ...anchors.across, toward: null }
  return {
    ...again,
    item: { ...again.item, shared },
    ...{ due: piece.due, run: piece.run },
    measure: {
      ...again.measure,
      ...{ placement, measures, distances, zones, carried },
      choices: { ...piece.measure.choices, ...choices },
      // The other side lies the other way from its line.
      anchors: placement === piece.measure.placement ? anchors : { ...anchors, across },
    },
  }
}

/** A set of alike items, `count` with this one: each with its own ticket, numbered. */
export function setOf(piece: Piece, count: number, fresh: () => Fresh): Piece[] {
  return Array.from({ length: count - 1 }, (_, i) => ({
    ...sameAgain(piece, fresh()),
    due: piece.due,
    run: `${i + 2} of ${count}`,
  }))
}
