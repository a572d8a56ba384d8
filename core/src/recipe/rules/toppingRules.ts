import type { HouseHabits } from '../../habits'
import { all, any, type Condition, not, when } from '../condition'
import { delicate, knit, ridged, takesHeat, textured } from '../conditions/cloth'
import { house } from '../conditions/house'
import { infant, line, smallLetters, wording } from '../conditions/work'
import type { Facts } from '../facts'
import type { ToppingKind } from '../stack'

/** What goes on top (craft.md section 5). The first rule that applies decides; the rest are other schools. */
export type ToppingRule = {
  id: string
  topping: ToppingKind | null
  habit?: keyof HouseHabits
  when: Condition
  text: (f: Facts) => string
}

/** CIEDE2000 over which a ground shows through loops for ever. */
const SHOWS = 50
/** Waffle shows its ground in every hollow: less will do. */
const SHOWS_IN_HOLLOWS = 20

const always = house('topping', 'always', 'a house that always lays a topping')
const heatAway = house('toppingKind', 'heat-away', 'a house that takes heat-away film')
const permanent = house('toppingKind', 'permanent-under-contrast', 'a house that takes permanent film under contrast')

const lightOverDark = (f: Facts): boolean => f.lightOnDark && f.contrast > SHOWS
const hollow = (f: Facts): boolean => f.towelling && f.pile < 2 && f.contrast > SHOWS_IN_HOLLOWS

/** Applied cloth hides the ground by itself, and film under a line would stick out on both sides. */
const hides = when(
  'the design leaves the ground to show',
  (f) => f.work.kind !== 'line' && f.work.kind !== 'applique' && f.work.loadClass !== 'outline',
)
const showsForEver = all(
  textured,
  hides,
  when(
    'the ground would show for ever (light thread on dark over Delta E 50, waffle)',
    (f) => lightOverDark(f) || hollow(f),
  ),
)
/** Some schools take colour film on whatever is washed all the time: its loops work through. */
const loopsWorkThrough = all(
  hides,
  when('towelling washed all the time', (f) => f.towelling && f.use.laundering === 'daily'),
)
/** Wording and detail under 10 mm sinks between the ribs of a knit. */
const sinksBetweenRibs = all(
  ridged,
  any(
    wording,
    when('letters under 10 mm', (f) => (f.work.smallestLetterMm ?? Infinity) < 10),
  ),
)
const needed = any(textured, smallLetters, sinksBetweenRibs, always)

function permanentText(f: Facts): string {
  if (lightOverDark(f))
    return `Pale thread on dark ground, difference ${Math.round(f.contrast)}: film in the thread’s colour stays under the stitches.`
  if (hollow(f)) return 'The cloth would show in every hollow: film in the thread’s colour stays under the stitches.'
  return 'Used and washed daily, loops would work through: film in the thread’s colour stays under the stitches.'
}

export const toppingRules: readonly ToppingRule[] = [
  {
    id: 'top.permanent-contrast',
    topping: 'permanent-film',
    habit: 'toppingKind',
    when: all(showsForEver, permanent, not(infant)),
    text: permanentText,
  },
  {
    id: 'top.heat-away',
    topping: 'heat-away-film',
    habit: 'toppingKind',
    when: all(needed, takesHeat, heatAway),
    text: () => 'Film that lifts off with heat, so nothing gets wet.',
  },
  {
    id: 'top.texture',
    topping: 'wash-away-film',
    when: textured,
    text: (f) => `${f.pile >= 2 ? 'Pile' : 'Texture'} would swallow the stitches, so film goes on top.`,
  },
  {
    id: 'top.ridged',
    topping: 'wash-away-film',
    when: sinksBetweenRibs,
    text: () => 'Small wording sinks into a knit, so film goes on top.',
  },
  {
    id: 'top.fine-letters',
    topping: 'wash-away-film',
    when: smallLetters,
    text: (f) => `Letters of ${f.work.smallestLetterMm} mm sink into the cloth without film on top.`,
  },
  {
    id: 'top.always',
    topping: 'wash-away-film',
    habit: 'topping',
    when: always,
    text: () => 'Your preference: film on top of everything, for crisper edges.',
  },
  {
    id: 'top.smooth',
    topping: null,
    when: when('a smooth face', () => true),
    text: () => 'Smooth cloth: no topping needed.',
  },
]

/** What another school would put on top of the same cloth, best first. */
export const otherToppings: readonly ToppingRule[] = [
  {
    id: 'top.other-permanent',
    topping: 'permanent-film',
    habit: 'toppingKind',
    when: any(showsForEver, loopsWorkThrough),
    text: permanentText,
  },
  {
    id: 'top.other-wash-away',
    topping: 'wash-away-film',
    habit: 'toppingKind',
    when: textured,
    text: () => 'Some use wash-away film here, and more if the cloth shows later.',
  },
  {
    id: 'top.other-heat-away',
    topping: 'heat-away-film',
    habit: 'toppingKind',
    when: all(textured, takesHeat),
    text: () => 'If it can’t get wet, heat-away film lifts off under an iron tip.',
  },
  {
    id: 'top.other-rinsed',
    topping: 'wash-away-film',
    habit: 'topping',
    when: all(delicate, not(line), not(heatAway)),
    text: () => 'On linen and heirlooms some use film that rinses away, for crisper edges.',
  },
  {
    id: 'top.other-always',
    topping: 'wash-away-film',
    habit: 'topping',
    when: all(not(textured), any(knit, wording), not(all(heatAway, takesHeat))),
    text: () => 'Some put film on everything, for crisper edges and letters.',
  },
  {
    id: 'top.other-always-heat',
    topping: 'heat-away-film',
    habit: 'topping',
    when: all(not(textured), any(knit, wording), heatAway, takesHeat),
    text: () => 'Some put film on everything, for crisper edges and letters.',
  },
  {
    id: 'top.other-nap',
    topping: 'wash-away-film',
    habit: 'topping',
    when: all(
      not(textured),
      when('a nap or a brushed back', (f) => f.gsm >= 240 && f.thickness >= 0.8 && !f.sturdy),
    ),
    text: () => 'Some use film on a short nap too, for crisper edges.',
  },
]
