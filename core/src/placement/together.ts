import { type Called, message } from '../messages'
import { type Advice, caution, stop } from '../advice'
import type { Point } from '../plane/point'
import { gapBetween } from '../plane/polygonDistance'
import type { PlacementRule } from './placementRule'

/** Designs of one item keep this far apart. */
const APART_MM = 10

/** Another design on the same part of an item. */
export type DesignBeside = { id: string; name: Called; outlines: readonly Point[][] }

/**
 * The part of an item on which a placement lies: designs are held against each other only on the same one.
 *
 * @example faceOf(placementRule(itemKind('shirt'), 'cuff'), { side: 'right' }) // 'cuff right'
 */
export function faceOf(rule: PlacementRule, choices: Readonly<Record<string, string>>): string {
  const part = rule.side ?? (rule.view ? rule.id : 'front')
  const side = rule.choices?.find(({ id }) => id === 'side')
  return side ? `${part} ${choices.side ?? side.usual}` : part
}

/**
 * Designs of other placements that a piece’s own run into, or come nearer to than 10 mm.
 *
 * Source: craft.md section 2: one item is one surface.
 *
 * @example besideAdvice([outline], [{ id: 'left-chest', name: { own: 'Left chest' }, outlines: [one 25 mm away] }]) // []
 */
export function besideAdvice(own: readonly Point[][], others: readonly DesignBeside[]): Advice[] {
  return others.flatMap(({ id, name, outlines }): Advice[] => {
    const gaps = own.flatMap((a) => outlines.map((b) => gapBetween(a, b)))
    const least = Math.min(Infinity, ...gaps)
    if (least <= 0) return [stop(`runs-into:${id}`, message('place.runs-into', { place: name }))]
    return least < APART_MM - 1e-9
      ? [caution(`near:${id}`, message('place.near-other', { least, place: name, keep: APART_MM }))]
      : []
  })
}
