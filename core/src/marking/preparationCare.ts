import { type Message, message } from '../messages/message'

/** What may hurt in making a piece ready and marking it, by the steps and means it is of (craft.md section 11). */
const cares: readonly (readonly [said: Message, of: readonly string[]])[] = [
  [message('marking.irons-burn-follow-the-care'), ['prep.press', 'crease']],
  [message('marking.seam-rippers-cut-work-away'), ['prep.unpick']],
  [message('marking.count-pins-in-and-out'), ['pin-through', 'paper-template']],
]

/**
 * The cautions for some steps of the preparation and ways of marking, by their ids, each once.
 *
 * @example preparationCare(['prep.press', 'crease']) // [['marking.irons-burn-follow-the-care']]
 */
export const preparationCare = (ids: readonly string[]): Message[] =>
  cares.filter(([, of]) => of.some((id) => ids.includes(id))).map(([said]) => said)
