import type { HouseHabits } from '../../habits'
import { all, always, any, not, when } from '../condition'
import { dark, holesStay, takesHeat, takesWater } from '../conditions/cloth'
import { applique } from '../conditions/work'
import { byMagnets, held, type Stacked, type StackRule, uses } from './stackRule'

const trims: Record<HouseHabits['trim'], string> = {
  'rounded-6-12': 'Trim the cut-away 6 to 12 mm outside the stitches, corners rounded.',
  'close-3': 'Trim the cut-away to 3 mm outside the stitches.',
  strip: 'Trim the cut-away to the stitching.',
}
/** Design plus 12 mm a side (craft.md section 5). */
const COVER_MM = 12

function coverSize({ stack, work }: Stacked): string {
  const piece = stack.layers.find((layer) => layer.role === 'cover')?.piece
  const [width, height] = piece
    ? [piece.widthMm, piece.heightMm]
    : [work.widthMm + 2 * COVER_MM, work.heightMm + 2 * COVER_MM]
  return `${Math.round(width)} by ${Math.round(height)} mm`
}

/** Stays under the stitches, and melts. */
const colourFilm = uses('permanent film', (kind) => kind === 'permanent-film')
const washAwayFilm = uses('wash-away film', (kind) => kind === 'wash-away-film')

/** From the machine to the finished piece, for this stack (craft.md section 5, "Trimming", and 8). */
export const finishRules: readonly StackRule[] = [
  {
    id: 'finish.unhoop',
    severity: 'note',
    when: not(byMagnets),
    text: () => 'Off the machine, loosen the screw, then lift the inner ring.',
  },
  {
    id: 'finish.unclamp',
    severity: 'caution',
    when: byMagnets,
    text: () => 'Off the machine, slide the magnets off one by one, fingers clear.',
  },
  {
    id: 'finish.baste-out',
    severity: 'note',
    when: all<Stacked>(held('floated'), not(holesStay)),
    text: () => 'Take out the basting, or the pins, and count them.',
  },
  {
    id: 'finish.lift-off',
    severity: 'note',
    when: all<Stacked>(
      held('floated'),
      uses('a sticky sheet', (kind) => kind.endsWith('-sticky')),
    ),
    text: () => 'Lift the piece off the sticky sheet all round before you tear it or cut it.',
  },
  {
    id: 'finish.jumps',
    severity: 'caution',
    when: always,
    text: () => 'Trim jump threads, front then back; cut away from hand and cloth.',
  },
  {
    id: 'finish.applique',
    severity: 'caution',
    when: applique,
    text: () => 'Trim what frays at the edge of the applied cloth, blades flat and away from the hand.',
  },
  {
    id: 'finish.film',
    severity: 'note',
    when: all<Stacked>(washAwayFilm, takesWater),
    text: () =>
      'Tear the film off, not across the stitches; tweezers and a damp swab for the rest, or leave it to the first wash.',
  },
  {
    id: 'finish.film-dry',
    severity: 'note',
    when: all<Stacked>(washAwayFilm, not(takesWater)),
    text: () => 'Tear the film off dry, scraps with tweezers: water would mark this cloth.',
  },
  {
    id: 'finish.film-stays',
    severity: 'note',
    when: colourFilm,
    text: () => 'Cut the colour film close round the stitches; what lies under them stays.',
  },
  {
    id: 'finish.film-heat',
    severity: 'caution',
    when: uses('heat-away film', (kind) => kind === 'heat-away-film'),
    text: () =>
      'Tear the film off, then lift the scraps with the tip of a medium iron, no steam, some 3 seconds at a place; try a scrap first, and never rub.',
  },
  {
    id: 'finish.tear',
    severity: 'note',
    when: uses('tear-away', (kind) => kind.startsWith('tear-away')),
    text: () => 'Tear one layer at a time, thumb on the stitches.',
  },
  {
    id: 'finish.part-soluble',
    severity: 'note',
    when: uses('part-soluble tear-away', (kind) => kind.startsWith('part-soluble')),
    text: () =>
      'Tear it off, then rinse in lukewarm water, 2 minutes: half of what is left washes out. Do not wring it.',
    seconds: 120,
  },
  {
    id: 'finish.wash-away',
    severity: 'note',
    when: uses('wash-away', (kind) => kind === 'wash-away' || kind === 'wash-away-sticky'),
    text: (f) =>
      f.skin
        ? 'Cut away the rest and soak it in lukewarm water, 5 minutes; rinse until nothing slippery is left, as none stays next to skin. Do not wring it.'
        : 'Cut away the rest and soak it in lukewarm water, 5 minutes, then rinse. Do not wring it.',
    seconds: 300,
  },
  {
    id: 'finish.cut-away',
    severity: 'caution',
    when: uses('cut-away', (kind) => kind.startsWith('cut-away')),
    text: (f) => trims[f.habits.trim],
  },
  {
    id: 'finish.dark-ends',
    severity: 'note',
    when: all(
      not(dark),
      when('a pale cloth that shows through', (f) => f.paleThin),
    ),
    text: () => 'Trim dark ends and jumps on the back that would show through; leave the knots alone.',
  },
  {
    id: 'finish.seam',
    severity: 'note',
    when: when(
      'a seam was opened to reach in',
      (f) => f.ringInside === false && f.habits.smallGarmentBulk === 'unpick-seam',
    ),
    text: () => 'Close the seam you opened.',
  },
  {
    id: 'finish.filling',
    severity: 'caution',
    when: when('a toy', (f) => Boolean(f.use.toy)),
    text: () => 'Put the filling back and close the opening so that no small finger gets in.',
  },
  {
    id: 'finish.cover',
    severity: 'caution',
    when: uses('a cover', (kind) => kind.startsWith('cover')),
    text: (f) =>
      `Cut the cover ${coverSize(f)}, corners rounded, and fuse it over the back: medium iron, 15 seconds a place, press and lift, do not slide. The care label decides the heat.`,
    seconds: 15,
  },
  {
    id: 'finish.press',
    severity: 'caution',
    when: all<Stacked>(
      takesHeat,
      not(colourFilm),
      when('a face without pile', (f) => f.pile < 2 || f.towelling),
    ),
    text: (f) =>
      `Press from the back on a towel, ${f.heat === 'yes' ? 'medium' : 'warm'} iron, 10 seconds a place, lifted and not slid, no film left on it: film melts and irons burn, so follow the care label.`,
    seconds: 10,
  },
  {
    id: 'finish.no-press',
    severity: 'note',
    when: any<Stacked>(
      not(takesHeat),
      colourFilm,
      when('a pile', (f) => f.pile >= 2 && !f.towelling),
    ),
    text: () => 'No iron: finger-press, and steam from a distance only where the label allows it.',
  },
]
