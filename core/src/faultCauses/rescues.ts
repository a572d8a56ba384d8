import type { Behind, Message } from '../messages'
import type { FaultId } from '../outcomes/faults'
import { all, always, type Condition, not } from '../recipe/condition'
import { fusible, holesStay, towelling } from '../recipe/conditions/cloth'
import { takesCover } from '../recipe/conditions/work'
import type { Facts } from '../recipe/facts'
import { takesSteam } from './afterwards'
import type { Afterwards } from './afterwards'

type Rescue = { fault: FaultId; when: Condition<Afterwards>; id: Behind<'rescue'> }

/** What may save the piece in hand; of a fault the first that its cloth allows (craft.md section 10). */
const rescues: readonly Rescue[] = [
  { fault: 'puckering', when: all<Facts>(fusible), id: 'puckering.fuse' },
  { fault: 'puckering', when: takesSteam, id: 'puckering.steam' },
  { fault: 'puckering', when: always, id: 'puckering' },
  { fault: 'outline-off', when: always, id: 'outline-off' },
  { fault: 'sinking', when: towelling, id: 'sinking.loops' },
  { fault: 'sinking', when: always, id: 'sinking' },
  { fault: 'loops-on-top', when: always, id: 'loops-on-top' },
  { fault: 'bobbin-on-top', when: always, id: 'bobbin-on-top' },
  { fault: 'nest', when: always, id: 'nest' },
  { fault: 'thread-breaks', when: always, id: 'thread-breaks' },
  { fault: 'needle-breaks', when: always, id: 'needle-breaks' },
  { fault: 'placed-off', when: holesStay, id: 'cover-holes' },
  { fault: 'placed-off', when: always, id: 'cover' },
  { fault: 'crooked', when: holesStay, id: 'cover-holes' },
  { fault: 'crooked', when: always, id: 'cover' },
  { fault: 'ring-mark', when: takesSteam, id: 'ring-mark.steam' },
  { fault: 'ring-mark', when: always, id: 'ring-mark' },
  { fault: 'backing-shows', when: always, id: 'backing-shows' },
  { fault: 'hole', when: fusible, id: 'hole.fuse' },
  { fault: 'hole', when: always, id: 'hole' },
  { fault: 'sewn-in', when: holesStay, id: 'sewn-in.holes' },
  { fault: 'sewn-in', when: always, id: 'sewn-in' },
  { fault: 'scratchy', when: takesCover, id: 'scratchy.cover' },
  { fault: 'scratchy', when: not<Facts>(takesCover), id: 'scratchy' },
]

/**
 * What may save this very piece, before the next one is thought of; null: nothing known.
 *
 * Source: craft.md section 10, "Rescue of this piece".
 *
 * @example rescueOf('ring-mark', a satin) // ['rescue.ring-mark']
 */
export const rescueOf = (fault: FaultId, f: Afterwards): Message | null => {
  const found = rescues.find((one) => one.fault === fault && one.when(f))
  return found ? [`rescue.${found.id}`] : null
}
