import type { FaultId } from '../outcomes/faults'
import { all, always, type Condition, not } from '../recipe/condition'
import { fusible, holesStay, towelling } from '../recipe/conditions/cloth'
import { takesCover } from '../recipe/conditions/work'
import type { Facts } from '../recipe/facts'
import { takesSteam } from './afterwards'
import type { Afterwards } from './afterwards'

type Rescue = { fault: FaultId; when: Condition<Afterwards>; says: string }

const COVER = 'Cover it with a patch or a larger design'
const PEN = 'touch up the gaps with a textile pen in the thread’s colour (try it on a scrap)'

/** What may save the piece in hand; of a fault the first that its cloth allows (craft.md section 10). */
const rescues: readonly Rescue[] = [
  {
    fault: 'puckering',
    when: all<Facts>(fusible),
    says: 'Fuse a mesh over the back while it lies flat, then steam it from the back.',
  },
  {
    fault: 'puckering',
    when: takesSteam,
    says: 'Steam it from the back without touching it, and let it dry flat under a weight.',
  },
  { fault: 'puckering', when: always, says: 'Leave it flat under a weight overnight. No steam.' },
  { fault: 'outline-off', when: always, says: `Sew a wider border over the gap, or ${PEN}.` },
  {
    fault: 'sinking',
    when: towelling,
    says: 'Still in the hoop: lay film on it and sew it again. Else push loops back through with a blunt needle.',
  },
  { fault: 'sinking', when: always, says: `Still in the hoop: lay film on it and sew it again. Else ${PEN}.` },
  {
    fault: 'loops-on-top',
    when: always,
    says: 'Draw long loops to the back with a needle and knot them; don’t cut them.',
  },
  {
    fault: 'bobbin-on-top',
    when: always,
    says: `Set the tension right and sew the worst colour again, or ${PEN.replace('gaps', 'specks')}.`,
  },
  { fault: 'nest', when: always, says: 'Power off, cut the nest away from below, and sew on from ten stitches back.' },
  {
    fault: 'thread-breaks',
    when: always,
    says: 'Back up 5 to 10 stitches and sew on; tie short ends off at the back.',
  },
  {
    fault: 'needle-breaks',
    when: always,
    says: 'Power off. Find every bit of the needle before you sew on; then back up 5 to 10 stitches.',
  },
  { fault: 'placed-off', when: holesStay, says: `${COVER}; don’t unpick it, as the holes stay.` },
  { fault: 'placed-off', when: always, says: `${COVER}, or unpick it from the back and wash or steam the holes out.` },
  { fault: 'crooked', when: holesStay, says: `${COVER}; don’t unpick it, as the holes stay.` },
  { fault: 'crooked', when: always, says: `${COVER}, or unpick it from the back and wash or steam the holes out.` },
  {
    fault: 'ring-mark',
    when: takesSteam,
    says: 'Steam it from the back, off the cloth, and brush its face up; the care label decides.',
  },
  {
    fault: 'ring-mark',
    when: always,
    says: 'No steam here. Let it rest for a day; what stays is covered by a larger design.',
  },
  { fault: 'backing-shows', when: always, says: 'Trim it closer to the stitches, corners rounded.' },
  {
    fault: 'hole',
    when: fusible,
    says: `Fuse a mesh behind it, then ${COVER.charAt(0).toLowerCase()}${COVER.slice(1)}.`,
  },
  { fault: 'hole', when: always, says: `${COVER}, with a sheet that stays behind it.` },
  {
    fault: 'sewn-in',
    when: holesStay,
    says: 'Cut its stitches from the back one by one; the holes stay, so a patch may have to cover them.',
  },
  {
    fault: 'sewn-in',
    when: always,
    says: 'Cut its stitches from the back one by one, away from the cloth, and sew them again.',
  },
  {
    fault: 'scratchy',
    when: takesCover,
    says: 'Fuse a soft cover over the back, 12 mm larger a side, corners rounded.',
  },
  {
    fault: 'scratchy',
    when: not<Facts>(takesCover),
    says: 'Trim knots and ends, and sew a soft lining over the back by hand.',
  },
]

/**
 * What may save this very piece, before the next one is thought of; null: nothing known.
 *
 * Source: craft.md section 10, "Rescue of this piece".
 *
 * @example rescueOf('ring-mark', a satin) // 'No steam here. Let it rest for a day; …'
 */
export const rescueOf = (fault: FaultId, f: Afterwards): string | null =>
  rescues.find((one) => one.fault === fault && one.when(f))?.says ?? null
