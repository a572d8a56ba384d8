import type { HouseHabits } from '../../habits'
import { all, any, type Condition, not, when } from '../condition'
import { coated, fine, hide, keepsHoles, knit, stretchesOver10, stretchWoven, sturdy } from '../conditions/cloth'
import { house } from '../conditions/house'
import { fineLetters, lightWork, metallic, weight } from '../conditions/work'
import type { Facts } from '../facts'
import type { Needle } from '../stack'

/** Needle by thread first, then by cloth (craft.md section 6). The first rule that applies decides. */
type NeedleRule = {
  id: string
  needle: Needle
  habit?: keyof HouseHabits
  when: Condition
  text: (f: Facts) => string
}

const size = (s: Needle['size'], point: Needle['point']): Needle => ({ size: s, point })

const fineThread = any(fineLetters, weight(60))
/** Loops or pile that a point has to slip between. */
const gives = any(knit, all(stretchesOver10, not(any(stretchWoven, coated))))
/** No loops to be spared: a sharp goes through cleanly. */
const sharpWoven = any(stretchWoven, keepsHoles)

export const needleRules: readonly NeedleRule[] = [
  {
    id: 'needle.fine-knit',
    needle: size('70/10', 'ballpoint'),
    when: all(gives, fineThread),
    text: () => 'Fine thread or small letters on stretchy cloth: a finer ballpoint.',
  },
  {
    id: 'needle.fine-sharp',
    needle: size('70/10', 'sharp'),
    when: all(sharpWoven, not(coated), fineThread),
    text: () => 'Fine thread or letters under 6 mm on cloth without loops: a 70/10 sharp.',
  },
  {
    id: 'needle.fine-letters-sturdy',
    needle: size('70/10', 'sharp'),
    when: all(any(sturdy, coated), fineThread),
    text: () => 'Fine thread or letters under 6 mm: a 70/10 sharp, slowly, because it bends in firm cloth.',
  },
  {
    id: 'needle.fine-woven-letters',
    needle: size('65/9', 'sharp'),
    when: all(fine, fineThread),
    text: () => 'Fine cloth and fine thread or small letters: 65/9 leaves the smallest hole.',
  },
  {
    id: 'needle.fine-letters',
    needle: size('70/10', 'embroidery'),
    when: fineThread,
    text: () => 'Fine thread or letters under 6 mm: 70/10 keeps them open.',
  },
  {
    id: 'needle.thread-12',
    needle: size('100/16', 'large-eye'),
    when: weight(12),
    text: () => '12 wt thread needs a 100/16 with a large eye.',
  },
  {
    id: 'needle.thread-coarse',
    needle: size('90/14', 'large-eye'),
    when: any(weight(30), metallic),
    text: () => 'Metallic and heavy thread fray in a small eye: use 90/14, large eye.',
  },
  {
    id: 'needle.fine-woven-light',
    needle: size('65/9', 'sharp'),
    when: all(fine, lightWork),
    text: () => 'Fine cotton and light work: 65/9 leaves the smallest hole.',
  },
  {
    id: 'needle.fine-woven',
    needle: size('70/10', 'sharp'),
    when: fine,
    text: () => 'Fine cloth: a fine sharp, 70/10.',
  },
  {
    id: 'needle.thin-knit',
    needle: size('70/10', 'ballpoint'),
    when: all(
      gives,
      lightWork,
      when('under 150 g/m2', (f) => f.gsm < 150),
    ),
    text: () => 'Thin knit, light work: a 70/10 ballpoint leaves no run.',
  },
  {
    id: 'needle.many-layers',
    needle: size('80/12', 'ballpoint'),
    when: all(
      knit,
      when('thicker than 1.5 mm, under a dense design', (f) => f.thickness > 1.5 && f.dense),
    ),
    text: () => 'Thick cloth and many layers: an 80/12 ballpoint doesn’t bend.',
  },
  {
    id: 'needle.knit',
    needle: size('75/11', 'ballpoint'),
    when: gives,
    text: () => 'Ballpoint slips between the loops of a knit instead of cutting them.',
  },
  {
    id: 'needle.hide',
    needle: size('80/12', 'wedge'),
    when: hide,
    text: () => 'Real hide: a small wedge, 80/12, and long stitches.',
  },
  {
    id: 'needle.coated-face',
    needle: size('75/11', 'sharp'),
    when: coated,
    text: () => 'Coated cloth: a 75/11 sharp cuts clean holes. Use long stitches.',
  },
  {
    id: 'needle.sharp-woven',
    needle: size('75/11', 'sharp'),
    when: all(sharpWoven, not(fine), not(sturdy)),
    text: () => 'Stretch woven or suede-like: a 75/11 sharp.',
  },
  {
    id: 'needle.heavy-90',
    needle: size('90/14', 'sharp'),
    habit: 'heavyNeedle',
    when: all(sturdy, house('heavyNeedle', 'start-90', 'a house that starts heavy cloth on 90/14')),
    text: () => 'Your preference: heavy cloth starts on 90/14; it runs cooler and leaves larger holes.',
  },
  {
    id: 'needle.heavy-75',
    needle: size('75/11', 'sharp'),
    habit: 'heavyNeedle',
    when: all(sturdy, not(house('heavyNeedle', 'start-90', 'a house that starts heavy cloth on 90/14'))),
    text: () => 'Heavy cloth starts on a 75/11 sharp. Use 90/14 if it heats, bends or frays thread.',
  },
  {
    id: 'needle.most',
    needle: size('75/11', 'embroidery'),
    when: when('most work', () => true),
    text: () => 'Most work: 75/11 embroidery, light ball and large eye.',
  },
]
