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
    says: 'The top tension was eased too far.',
    where: eased,
    first: eased,
    change: 'tighten-top',
  },
  {
    id: 'loops.low',
    fault: 'loops-on-top',
    says: 'The top thread is slack: it jumped out of the tension discs.',
    change: 'rethread',
  },
  {
    id: 'loops.foot',
    fault: 'loops-on-top',
    says: 'It was threaded with the foot down, so the tension discs didn’t grip it.',
    change: 'rethread',
  },
  {
    id: 'bobbin-on-top.spring',
    fault: 'bobbin-on-top',
    says: 'The bobbin’s thread is not under its spring.',
    change: 'bobbin-spring',
  },
  {
    id: 'bobbin-on-top.tight',
    fault: 'bobbin-on-top',
    says: 'High top tension pulls the bobbin thread up.',
    first: tightened,
    change: 'ease-top',
  },
  {
    id: 'bobbin-on-top.heavy',
    fault: 'bobbin-on-top',
    says: 'The bobbin is heavier than usual.',
    where: heavyBobbin,
    change: 'finer-bobbin',
  },
  {
    id: 'bobbin-on-top.lint',
    fault: 'bobbin-on-top',
    says: 'Lint under the spring of the bobbin case lets the bobbin run.',
    change: 'clean-case',
  },
  {
    id: 'nest.latch',
    fault: 'nest',
    says: 'The hoop was not latched, and jumped.',
    where: ringSkipped,
    first: ringSkipped,
    change: 'latch',
  },
  {
    id: 'nest.foot',
    fault: 'nest',
    says: 'It was threaded with the foot down.',
    change: 'rethread',
  },
  {
    id: 'nest.hoop',
    fault: 'nest',
    says: 'A hoop that is not quite latched jumps.',
    where: not(ringSkipped),
    change: 'latch',
  },
  {
    id: 'nest.end',
    fault: 'nest',
    says: 'The thread end was caught at the start.',
    change: 'hold-end',
  },
  {
    id: 'breaks.threading',
    fault: 'thread-breaks',
    says: 'It’s threaded wrong, caught at the spool, or old.',
    change: 'spool',
  },
  {
    id: 'breaks.old',
    fault: 'thread-breaks',
    says: 'An old needle frays the thread. Change it after eight hours or a strike.',
    first: oldNeedle,
    change: 'new-needle',
  },
  {
    id: 'breaks.small',
    fault: 'thread-breaks',
    says: 'The needle’s eye is small for this thread or cloth.',
    first: needleSmall,
    change: 'size-up',
  },
  {
    id: 'breaks.glue',
    fault: 'thread-breaks',
    says: 'Glue on the needle catches the thread.',
    where: glued,
    change: 'coated',
  },
  {
    id: 'breaks.burr',
    fault: 'thread-breaks',
    says: 'A burr on the needle plate or thread path cuts it.',
    change: 'check-burr',
  },
  {
    id: 'breaks.tension',
    fault: 'thread-breaks',
    says: 'The top tension is high.',
    first: tightened,
    change: 'ease-top',
  },
  {
    id: 'breaks.speed',
    fault: 'thread-breaks',
    says: 'It was sewn fast.',
    where: fast,
    change: 'slow',
  },
  {
    id: 'needle.ring',
    fault: 'needle-breaks',
    says: 'It may have struck the hoop: it wasn’t traced.',
    where: traceSkipped,
    first: traceSkipped,
    change: 'trace',
  },
  {
    id: 'needle.seam',
    fault: 'needle-breaks',
    says: 'It struck a seam, a zip or a rivet.',
    change: 'keep-clear',
  },
  {
    id: 'needle.hard',
    fault: 'needle-breaks',
    says: 'Thick or hard cloth bends and heats a fine needle.',
    where: any(hard, needleSmall),
    first: needleSmall,
    change: 'size-up',
  },
  {
    id: 'needle.bent',
    fault: 'needle-breaks',
    says: 'It was bent before.',
    first: struck,
    change: 'new-needle',
  },
  {
    id: 'needle.pulled',
    fault: 'needle-breaks',
    says: 'The weight of the piece pulled at the hoop.',
    change: 'support',
  },
  {
    id: 'needle.ring-still',
    fault: 'needle-breaks',
    says: 'It struck the hoop anyway.',
    where: not(traceSkipped),
    change: 'trace',
  },
]
