import { type Message, message, type WhyId } from '../../messages'
import { all, type Condition, when } from '../condition'
import { dark } from '../conditions/cloth'
import { backSeen, fineLetters, metallic, satin } from '../conditions/work'
import type { Facts } from '../facts'
import type { TopThread } from '../recipeQuery'
import type { Bobbin } from '../stack'
import type { Stacked } from './stackRule'

/** The top thread and bobbin of craft.md section 7, and how the top tension is set; the first rule that applies decides. */
type BobbinRule = {
  id: WhyId
  colour: Bobbin['colour']
  when: Condition
}
/** A stack with all that goes through it. */
export type Built = Stacked & { bobbin: Bobbin; top: Pick<TopThread, 'weight' | 'fibre'> }
type TensionRule = { id: WhyId; when: Condition<Built> }
type ThreadRule = {
  id: WhyId
  when: Condition
  thread: (f: Facts) => Pick<TopThread, 'weight' | 'fibre'>
  says?: (f: Facts) => Message
}

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
    says: ({ work }) =>
      message('why.thread.fine-letters', {
        high: work.smallestLetterMm ?? 0,
        thread:
          work.topThread.fibre === 'metallic'
            ? 'fibre.metallic'
            : message('thread.weight', { weight: work.topThread.weight }),
      }),
  },
  {
    id: 'thread.as-chosen',
    when: when('any other work', () => true),
    thread: ({ work }) => ({ weight: work.topThread.weight, fibre: work.topThread.fibre }),
    says: ({ work: { topThread } }) =>
      message('why.thread.as-chosen', { weight: topThread.weight, fibre: `fibre.${topThread.fibre}` }),
  },
]

export const bobbinRules: readonly BobbinRule[] = [
  {
    id: 'bobbin.matched',
    colour: 'match',
    when: backSeen,
  },
  {
    id: 'bobbin.black',
    colour: 'black',
    when: all(
      dark,
      when('every thread is dark', (f) => f.darkThread),
    ),
  },
  {
    id: 'bobbin.white',
    colour: 'white',
    when: when('any other work', () => true),
  },
]

export const tensionRules: readonly TensionRule[] = [
  {
    id: 'tension.metallic',
    when: all<Built>(
      metallic,
      when('metallic is what is threaded', (f) => f.top.fibre === 'metallic'),
    ),
  },
  {
    id: 'tension.satin',
    when: all<Built>(
      satin,
      when('bobbin and top alike', (f) => f.bobbin.weight <= f.top.weight),
    ),
  },
  {
    id: 'tension.finer-bobbin',
    when: when('a bobbin finer than the top thread', (f) => f.bobbin.weight > f.top.weight),
  },
  { id: 'tension.even', when: when('any other work', () => true) },
]
