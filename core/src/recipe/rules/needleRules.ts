import type { Facts } from '../facts'
import type { Needle } from '../stack'

/** Needle by thread first, then by cloth (craft.md section 6). The first rule that applies decides. */
type NeedleRule = {
  id: string
  needle: Needle
  habit?: 'heavyNeedle'
  when: (f: Facts) => boolean
  text: (f: Facts) => string
}

const size = (s: Needle['size'], point: Needle['point']): Needle => ({ size: s, point })

export const needleRules: readonly NeedleRule[] = [
  {
    id: 'needle.thread-12',
    needle: size('100/16', 'large-eye'),
    when: (f) => f.work.topThread.weight === 12,
    text: () => '12 wt thread needs a 100/16 with a large eye.',
  },
  {
    id: 'needle.thread-coarse',
    needle: size('90/14', 'large-eye'),
    when: (f) => f.work.topThread.weight === 30 || f.work.topThread.fibre === 'metallic',
    text: () => 'Metallic and heavy thread fray in a small eye: 90/14, large eye.',
  },
  {
    id: 'needle.fine-knit',
    needle: size('70/10', 'ballpoint'),
    when: (f) => f.knit && (f.fineLetters || f.work.topThread.weight === 60),
    text: () => 'Fine thread or small letters on a knit: a finer ballpoint.',
  },
  {
    id: 'needle.fine-woven-light',
    needle: size('65/9', 'sharp'),
    when: (f) => f.fine && (f.fineLetters || f.lightWork || f.work.topThread.weight === 60),
    text: () => 'Fine cotton and light work: 65/9 leaves the smallest hole.',
  },
  {
    id: 'needle.fine-woven',
    needle: size('70/10', 'sharp'),
    when: (f) => f.fine,
    text: () => 'Fine cotton: a fine sharp, 70/10.',
  },
  {
    id: 'needle.fine-letters',
    needle: size('70/10', 'embroidery'),
    when: (f) => !f.heavy && (f.fineLetters || f.work.topThread.weight === 60),
    text: () => 'Fine thread or letters under 6 mm: 70/10 keeps them open.',
  },
  {
    id: 'needle.knit',
    needle: size('75/11', 'ballpoint'),
    when: (f) => f.knit || f.stretchy,
    text: () => 'Ballpoint slips between the loops of a knit instead of cutting them.',
  },
  {
    id: 'needle.heavy-90',
    needle: size('90/14', 'sharp'),
    habit: 'heavyNeedle',
    when: (f) => f.sturdy && f.habits.heavyNeedle === 'start-90',
    text: () => 'House habit: heavy cloth starts on 90/14; it runs cooler and leaves larger holes.',
  },
  {
    id: 'needle.heavy-75',
    needle: size('75/11', 'sharp'),
    habit: 'heavyNeedle',
    when: (f) => f.sturdy,
    text: () => 'Heavy cloth begins on a 75/11 sharp; go to 90/14 if it heats, bends or frays the thread.',
  },
  {
    id: 'needle.most',
    needle: size('75/11', 'embroidery'),
    when: () => true,
    text: () => 'Most work: 75/11 embroidery, light ball and large eye.',
  },
]
