/** What may hurt in making a piece ready and marking it, by the steps and means it is of (craft.md section 11). */
const cares: readonly (readonly [text: string, of: readonly string[]])[] = [
  ['Irons burn. Follow the care label.', ['prep.press', 'crease']],
  ['Seam rippers cut. Work away from your hand.', ['prep.unpick']],
  ['Count pins in and out. None stays under the foot.', ['pin-through', 'paper-template']],
]

/**
 * The cautions for some steps of the preparation and ways of marking, by their ids, each once.
 *
 * @example preparationCare(['prep.press', 'crease']) // ['Irons burn. Follow the care label.']
 */
export const preparationCare = (ids: readonly string[]): string[] =>
  cares.filter(([, of]) => of.some((id) => ids.includes(id))).map(([text]) => text)
