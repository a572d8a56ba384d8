import { all, type Condition, when } from '../condition'
import { dark } from '../conditions/cloth'
import { backSeen, fineLetters, metallic, satin } from '../conditions/work'
import type { Facts } from '../facts'
import type { TopThread } from '../recipeQuery'
import type { Bobbin } from '../stack'
import type { Stacked } from './stackRule'

/** The top thread and bobbin of craft.md section 7, and how the top tension is set; the first rule that applies decides. */
type BobbinRule = {
  id: string
  colour: Bobbin['colour']
  when: Condition
  text: (f: Facts) => string
}
/** A stack with all that goes through it. */
export type Built = Stacked & { bobbin: Bobbin; top: Pick<TopThread, 'weight' | 'fibre'> }
type TensionRule = { id: string; when: Condition<Built>; text: (f: Facts) => string }
type ThreadRule = {
  id: string
  when: Condition
  thread: (f: Facts) => Pick<TopThread, 'weight' | 'fibre'>
  text: (f: Facts) => string
}

const THIRD = 'about a third of bobbin thread in the middle of a satin’s back. More: ease the top; less: tighten it.'

export const topThreadRules: readonly ThreadRule[] = [
  {
    id: 'thread.fine-letters',
    when: all(
      fineLetters,
      when('thread heavier than 60 wt', (f) => f.work.topThread.weight < 60),
    ),
    thread: ({ work }) => ({
      weight: 60,
      fibre: work.topThread.fibre === 'metallic' ? 'polyester' : work.topThread.fibre,
    }),
    text: ({ work }) =>
      `Letters of ${work.smallestLetterMm} mm close up in ${work.topThread.fibre === 'metallic' ? 'metallic' : `${work.topThread.weight} wt`}. Use 60 wt thread and its needle.`,
  },
  {
    id: 'thread.as-chosen',
    when: when('any other work', () => true),
    thread: ({ work }) => ({ weight: work.topThread.weight, fibre: work.topThread.fibre }),
    text: ({ work }) => `${work.topThread.weight} wt ${work.topThread.fibre}, as chosen.`,
  },
]

export const bobbinRules: readonly BobbinRule[] = [
  {
    id: 'bobbin.matched',
    colour: 'match',
    when: backSeen,
    text: () => 'The back shows, so the bobbin matches the top thread.',
  },
  {
    id: 'bobbin.black',
    colour: 'black',
    when: all(
      dark,
      when('every thread is dark', (f) => f.darkThread),
    ),
    text: () => 'On dark cloth with dark thread, a black bobbin shows least.',
  },
  {
    id: 'bobbin.white',
    colour: 'white',
    when: when('any other work', () => true),
    text: () => 'White bobbin, as usual.',
  },
]

export const tensionRules: readonly TensionRule[] = [
  {
    id: 'tension.metallic',
    when: all<Built>(
      metallic,
      when('metallic is what is threaded', (f) => f.top.fibre === 'metallic'),
    ),
    text: () => 'Ease the top tension a lot. Metallic snaps when pulled.',
  },
  {
    id: 'tension.satin',
    when: all<Built>(
      satin,
      when('bobbin and top alike', (f) => f.bobbin.weight <= f.top.weight),
    ),
    text: () => `Check the tension on a satin of this design: ${THIRD}`,
  },
  {
    id: 'tension.finer-bobbin',
    when: when('a bobbin finer than the top thread', (f) => f.bobbin.weight > f.top.weight),
    text: () => `Check the tension: ${THIRD}`,
  },
  { id: 'tension.even', when: when('any other work', () => true), text: () => `Check the top tension: ${THIRD}` },
]
