import type { Message } from '@thimble/core/messages'
import { writeMessage } from '@thimble/language'

/** Ticks of a stage by their lines' ids, and what each line said as it was ticked. */
type Ticks = { ticked: Readonly<Record<string, boolean>>; said: Readonly<Record<string, Message | null>> }

/** `was`: what a line said as it was ticked, where it says something else now; it is then no longer ticked. */
type Tick = { ticked: boolean; was: Message | null }

/**
 * Whether a line is ticked off as it reads today. What is ticked is what was said: with another number it is to be done
 * again. A line without numbers of its own, or one ticked before what it said was kept, stays ticked.
 */
export function tickOf({ ticked, said }: Ticks, id: string, now: Message | null | undefined): Tick {
  if (!ticked[id]) return { ticked: false, was: null }
  const was = said[id]
  if (!was || !now || writeMessage(was) === writeMessage(now)) return { ticked: true, was: null }
  return { ticked: false, was }
}
