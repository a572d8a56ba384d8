import { type WhyId } from '../../messages'
import type { HouseHabits } from '../../habits'
import { all, any, type Condition, not, when } from '../condition'
import { coated, fine, hide, keepsHoles, knit, stretchesOver10, stretchWoven, sturdy } from '../conditions/cloth'
import { house } from '../conditions/house'
import { fineLetters, lightWork, metallic, weight } from '../conditions/work'
import type { Needle } from '../stack'

/** Needle by thread first, then by cloth (craft.md section 6). The first rule that applies decides. */
type NeedleRule = {
  id: WhyId
  needle: Needle
  habit?: keyof HouseHabits
  when: Condition
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
  },
  {
    id: 'needle.fine-sharp',
    needle: size('70/10', 'sharp'),
    when: all(sharpWoven, not(coated), fineThread),
  },
  {
    id: 'needle.fine-letters-sturdy',
    needle: size('70/10', 'sharp'),
    when: all(any(sturdy, coated), fineThread),
  },
  {
    id: 'needle.fine-woven-letters',
    needle: size('65/9', 'sharp'),
    when: all(fine, fineThread),
  },
  {
    id: 'needle.fine-letters',
    needle: size('70/10', 'embroidery'),
    when: fineThread,
  },
  {
    id: 'needle.thread-12',
    needle: size('100/16', 'large-eye'),
    when: weight(12),
  },
  {
    id: 'needle.thread-coarse',
    needle: size('90/14', 'large-eye'),
    when: any(weight(30), metallic),
  },
  {
    id: 'needle.fine-woven-light',
    needle: size('65/9', 'sharp'),
    when: all(fine, lightWork),
  },
  {
    id: 'needle.fine-woven',
    needle: size('70/10', 'sharp'),
    when: fine,
  },
  {
    id: 'needle.thin-knit',
    needle: size('70/10', 'ballpoint'),
    when: all(
      gives,
      lightWork,
      when('under 150 g/m2', (f) => f.gsm < 150),
    ),
  },
  {
    id: 'needle.many-layers',
    needle: size('80/12', 'ballpoint'),
    when: all(
      knit,
      when('thicker than 1.5 mm, under a dense design', (f) => f.thickness > 1.5 && f.dense),
    ),
  },
  {
    id: 'needle.knit',
    needle: size('75/11', 'ballpoint'),
    when: gives,
  },
  {
    id: 'needle.hide',
    needle: size('80/12', 'wedge'),
    when: hide,
  },
  {
    id: 'needle.coated-face',
    needle: size('75/11', 'sharp'),
    when: coated,
  },
  {
    id: 'needle.sharp-woven',
    needle: size('75/11', 'sharp'),
    when: all(sharpWoven, not(fine), not(sturdy)),
  },
  {
    id: 'needle.heavy-90',
    needle: size('90/14', 'sharp'),
    habit: 'heavyNeedle',
    when: all(sturdy, house('heavyNeedle', 'start-90', 'a house that starts heavy cloth on 90/14')),
  },
  {
    id: 'needle.heavy-75',
    needle: size('75/11', 'sharp'),
    habit: 'heavyNeedle',
    when: all(sturdy, not(house('heavyNeedle', 'start-90', 'a house that starts heavy cloth on 90/14'))),
  },
  {
    id: 'needle.most',
    needle: size('75/11', 'embroidery'),
    when: when('most work', () => true),
  },
]
