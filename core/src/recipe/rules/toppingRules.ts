import { type Message, message, type WhyId } from '../../messages'
import type { HouseHabits } from '../../habits'
import { all, any, type Condition, not, when } from '../condition'
import { delicate, knit, ridged, takesHeat, textured } from '../conditions/cloth'
import { house } from '../conditions/house'
import { infant, line, smallLetters, wording } from '../conditions/work'
import type { Facts } from '../facts'
import type { ToppingKind } from '../stack'

/** What goes on top (craft.md section 5). The first rule that applies decides; the rest are other schools. */
export type ToppingRule = {
  id: WhyId
  topping: ToppingKind | null
  habit?: keyof HouseHabits
  when: Condition
  says?: (f: Facts) => Message
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

function permanentWhy(f: Facts): Message {
  if (lightOverDark(f)) return message('why.top.permanent-contrast.contrast', { difference: Math.round(f.contrast) })
  return message(hollow(f) ? 'why.top.permanent-contrast.hollow' : 'why.top.permanent-contrast')
}

export const toppingRules: readonly ToppingRule[] = [
  {
    id: 'top.permanent-contrast',
    topping: 'permanent-film',
    habit: 'toppingKind',
    when: all(showsForEver, permanent, not(infant)),
    says: permanentWhy,
  },
  {
    id: 'top.heat-away',
    topping: 'heat-away-film',
    habit: 'toppingKind',
    when: all(needed, takesHeat, heatAway),
  },
  {
    id: 'top.texture',
    topping: 'wash-away-film',
    when: textured,
    says: (f) => message(f.pile >= 2 ? 'why.top.texture.pile' : 'why.top.texture'),
  },
  {
    id: 'top.ridged',
    topping: 'wash-away-film',
    when: sinksBetweenRibs,
  },
  {
    id: 'top.fine-letters',
    topping: 'wash-away-film',
    when: smallLetters,
    says: (f) => message('why.top.fine-letters', { high: f.work.smallestLetterMm ?? 0 }),
  },
  {
    id: 'top.always',
    topping: 'wash-away-film',
    habit: 'topping',
    when: always,
  },
  {
    id: 'top.smooth',
    topping: null,
    when: when('a smooth face', () => true),
  },
]

/** What another school would put on top of the same cloth, best first. */
export const otherToppings: readonly ToppingRule[] = [
  {
    id: 'top.other-permanent',
    topping: 'permanent-film',
    habit: 'toppingKind',
    when: any(showsForEver, loopsWorkThrough),
    says: permanentWhy,
  },
  {
    id: 'top.other-wash-away',
    topping: 'wash-away-film',
    habit: 'toppingKind',
    when: textured,
  },
  {
    id: 'top.other-heat-away',
    topping: 'heat-away-film',
    habit: 'toppingKind',
    when: all(textured, takesHeat),
  },
  {
    id: 'top.other-rinsed',
    topping: 'wash-away-film',
    habit: 'topping',
    when: all(delicate, not(line), not(heatAway)),
  },
  {
    id: 'top.other-always',
    topping: 'wash-away-film',
    habit: 'topping',
    when: all(not(textured), any(knit, wording), not(all(heatAway, takesHeat))),
  },
  {
    id: 'top.other-always-heat',
    topping: 'heat-away-film',
    habit: 'topping',
    when: all(not(textured), any(knit, wording), heatAway, takesHeat),
  },
  {
    id: 'top.other-nap',
    topping: 'wash-away-film',
    habit: 'topping',
    when: all(
      not(textured),
      when('a nap or a brushed back', (f) => f.gsm >= 240 && f.thickness >= 0.8 && !f.sturdy),
    ),
  },
]
