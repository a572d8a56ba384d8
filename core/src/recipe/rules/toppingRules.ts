import type { HouseHabits } from '../../habits'
import type { Facts } from '../facts'
import type { ToppingKind } from '../stack'

/** What goes on top (craft.md section 5). The first rule that applies decides; the rest are other schools. */
export type ToppingRule = {
  id: string
  topping: ToppingKind | null
  habit?: keyof HouseHabits
  when: (f: Facts) => boolean
  text: (f: Facts) => string
}

const needed = (f: Facts): boolean => f.textured || f.fineLetters || f.habits.topping === 'always'
const showsForEver = (f: Facts): boolean =>
  f.textured && ((f.lightOnDark && f.contrast > 50) || (f.towelling && f.use.laundering === 'daily'))

const permanentText = (f: Facts): string =>
  f.lightOnDark && f.contrast > 50
    ? `Pale thread on dark ground, difference ${Math.round(f.contrast)}: film in the thread’s colour stays under the stitches.`
    : 'Used and washed daily, loops would work through: film in the thread’s colour stays under the stitches.'

export const toppingRules: readonly ToppingRule[] = [
  {
    id: 'top.permanent-contrast',
    topping: 'permanent-film',
    habit: 'toppingKind',
    text: permanentText,
    when: (f) => showsForEver(f) && f.habits.toppingKind === 'permanent-under-contrast',
  },
  {
    id: 'top.heat-away',
    topping: 'heat-away-film',
    habit: 'toppingKind',
    when: (f) => needed(f) && f.takesHeat && f.habits.toppingKind === 'heat-away',
    text: () => 'Film that lifts off with heat: nothing to wet.',
  },
  {
    id: 'top.texture',
    topping: 'wash-away-film',
    when: (f) => f.textured,
    text: (f) => `${f.pile >= 2 ? 'Loops' : 'Texture'} would swallow the stitches: film on top, washed away after.`,
  },
  {
    id: 'top.fine-letters',
    topping: 'wash-away-film',
    when: (f) => f.fineLetters,
    text: (f) => `Letters of ${f.work.smallestLetterMm} mm sink into the cloth without film on top.`,
  },
  {
    id: 'top.always',
    topping: 'wash-away-film',
    habit: 'topping',
    when: (f) => f.habits.topping === 'always',
    text: () => 'House habit: film on top of everything, for crisper edges.',
  },
  { id: 'top.smooth', topping: null, when: () => true, text: () => 'Smooth cloth: no topping needed.' },
]

/** What another school would put on top of the same cloth, best first. */
export const otherToppings: readonly ToppingRule[] = [
  {
    id: 'top.other-permanent',
    topping: 'permanent-film',
    habit: 'toppingKind',
    when: showsForEver,
    text: permanentText,
  },
  {
    id: 'top.other-wash-away',
    topping: 'wash-away-film',
    habit: 'toppingKind',
    when: (f) => f.textured,
    text: () => 'Some take wash-away film here too, and film again if the ground shows later.',
  },
  {
    id: 'top.other-always',
    topping: 'wash-away-film',
    habit: 'topping',
    when: (f) => !f.textured && (f.knit || f.work.kind === 'wording'),
    text: () => 'Another school puts film on everything: edges and letters come out crisper.',
  },
]
