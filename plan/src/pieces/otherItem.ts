import type { Patch, Piece } from '@thimble/contract'
import { type ItemKind, placementRule } from '@thimble/core/placement'
import { kindOf } from './kindOf'

/**
 * The piece is another thing than was chosen: its size and placement stay where that has them, else they are its usual
 * ones. What the tape said stays; what was counted from lines of the other thing goes.
 */
export function otherItem(piece: Pick<Piece, 'item' | 'measure' | 'build'>, kind: ItemKind): Patch<Piece> {
  const { item, measure, build } = piece
  const size = kind.sizes.some(({ id }) => id === item.size) ? item.size : kind.usualSize
  const same = kind.placements.find(({ id }) => id === measure.placement) ?? kind.placements[0]!
  const choices = placementRule(kindOf(piece), measure.placement).choices ?? []
  const gone = (ids: readonly string[]): Record<string, null> => Object.fromEntries(ids.map((id) => [id, null]))
  const cloth = build.cloth.told ? {} : { build: { cloth: { family: kind.usualCloth } } }
  return {
    item: { kind: kind.id, size, own: null },
    measure: {
      placement: same.id,
      anchors: { down: null, across: null },
      distances: gone(Object.keys(measure.distances)),
      choices: gone(choices.map(({ id }) => id)),
    },
    ...cloth,
  } as Patch<Piece>
}
