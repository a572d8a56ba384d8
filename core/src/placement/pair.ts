import { message } from '../messages/message'
import type { PlacementChoice, PlacementRule } from './placementRule'

/** Which of two alike parts: sleeves, cuffs, collar points, legs. */
export const whichSide: PlacementChoice = {
  id: 'side',
  name: message('item.which-side'),
  choices: [
    { id: 'left', name: message('item.wearers-left') },
    { id: 'right', name: message('item.wearers-right') },
  ],
  usual: 'left',
}

export const isRight = (choices: Readonly<Record<string, string>>): boolean => choices[whichSide.id] === 'right'

const otherChest: Readonly<Record<string, string>> = { 'left-chest': 'right-chest', 'right-chest': 'left-chest' }

/**
 * The same placement on the other side of the item; null where there is only one.
 *
 * @example otherSide(placementRule(itemKind('shirt'), 'cuff'), {}) // { placement: 'cuff', choices: { side: 'right' } }
 */
export function otherSide(
  { id, choices: asked = [] }: PlacementRule,
  choices: Readonly<Record<string, string>>,
): { placement: string; choices: Record<string, string> } | null {
  if (otherChest[id]) return { placement: otherChest[id], choices: {} }
  if (!asked.some((choice) => choice.id === whichSide.id)) return null
  return { placement: id, choices: { [whichSide.id]: isRight(choices) ? 'left' : 'right' } }
}
