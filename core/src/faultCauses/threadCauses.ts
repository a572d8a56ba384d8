import { any, not } from '../recipe/condition'
import { eased, fast, glued, hard, heavyBobbin, needleSmall, oldNeedle, skipped, struck, tightened } from './afterwards'
import type { CauseRule } from './causeRule'

const ringSkipped = skipped('check.ring', 'nobody checked that the hoop was latched')
const traceSkipped = skipped('check.trace', 'it wasn’t traced')

/** What goes wrong with needle, thread and bobbin. */
export const threadCauses: readonly CauseRule[] = [
  {
    id: 'loops.eased',
    fault: 'loops-on-top',
    where: eased,
    first: eased,
    change: 'tighten-top',
  },
  {
    id: 'loops.low',
    fault: 'loops-on-top',
    change: 'rethread',
  },
  {
    id: 'loops.foot',
    fault: 'loops-on-top',
    change: 'rethread',
  },
  {
    id: 'bobbin-on-top.spring',
    fault: 'bobbin-on-top',
    change: 'bobbin-spring',
  },
  {
    id: 'bobbin-on-top.tight',
    fault: 'bobbin-on-top',
    first: tightened,
    change: 'ease-top',
  },
  {
    id: 'bobbin-on-top.heavy',
    fault: 'bobbin-on-top',
    where: heavyBobbin,
    change: 'finer-bobbin',
  },
  {
    id: 'bobbin-on-top.lint',
    fault: 'bobbin-on-top',
    change: 'clean-case',
  },
  {
    id: 'nest.latch',
    fault: 'nest',
    where: ringSkipped,
    first: ringSkipped,
    change: 'latch',
  },
  {
    id: 'nest.foot',
    fault: 'nest',
    change: 'rethread',
  },
  {
    id: 'nest.hoop',
    fault: 'nest',
    where: not(ringSkipped),
    change: 'latch',
  },
  {
    id: 'nest.end',
    fault: 'nest',
    change: 'hold-end',
  },
  {
    id: 'breaks.threading',
    fault: 'thread-breaks',
    change: 'spool',
  },
  {
    id: 'breaks.old',
    fault: 'thread-breaks',
    first: oldNeedle,
    change: 'new-needle',
  },
  {
    id: 'breaks.small',
    fault: 'thread-breaks',
    first: needleSmall,
    change: 'size-up',
  },
  {
    id: 'breaks.glue',
    fault: 'thread-breaks',
    where: glued,
    change: 'coated',
  },
  {
    id: 'breaks.burr',
    fault: 'thread-breaks',
    change: 'check-burr',
  },
  {
    id: 'breaks.tension',
    fault: 'thread-breaks',
    first: tightened,
    change: 'ease-top',
  },
  {
    id: 'breaks.speed',
    fault: 'thread-breaks',
    where: fast,
    change: 'slow',
  },
  {
    id: 'needle.ring',
    fault: 'needle-breaks',
    where: traceSkipped,
    first: traceSkipped,
    change: 'trace',
  },
  {
    id: 'needle.seam',
    fault: 'needle-breaks',
    change: 'keep-clear',
  },
  {
    id: 'needle.hard',
    fault: 'needle-breaks',
    where: any(hard, needleSmall),
    first: needleSmall,
    change: 'size-up',
  },
  {
    id: 'needle.bent',
    fault: 'needle-breaks',
    first: struck,
    change: 'new-needle',
  },
  {
    id: 'needle.pulled',
    fault: 'needle-breaks',
    change: 'support',
  },
  {
    id: 'needle.ring-still',
    fault: 'needle-breaks',
    where: not(traceSkipped),
    change: 'trace',
  },
]
