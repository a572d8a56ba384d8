import type { HouseHabits } from '../../habits'
import { all, always, any, not, when } from '../condition'
import { dark, holesStay, pile, takesHeat, takesWater } from '../conditions/cloth'
import { applique, infant } from '../conditions/work'
import { byMagnets, colourFilm, held, type Stacked, type StackRule, uses } from './stackRule'

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

/** How hot, in every step alike (craft.md section 4). */
const ironFor = ({ heat }: Stacked): string => (heat === 'yes' ? 'medium' : 'warm')

const washAwayFilm = uses('wash-away film', (kind) => kind === 'wash-away-film')

/** From the machine to the finished piece, for this stack (craft.md section 5, "Trimming", and 8). */
export const finishRules: readonly StackRule[] = [
  {
    id: 'finish.jumps',
    severity: 'caution',
    when: always,
    text: () =>
      'Hoop off the machine, the cloth still in it: trim jump threads, front then back, blades away from hand and cloth.',
  },
  {
    id: 'finish.film-stays',
    severity: 'caution',
    when: colourFilm,
    text: () =>
      'In the hoop, cut the colour film close round the stitches, blades away from hand and cloth; what lies under them stays. Never iron it: it melts.',
  },
  {
    id: 'finish.unhoop',
    severity: 'note',
    when: not(byMagnets),
    text: () => 'Loosen the screw, then lift the inner ring.',
  },
  {
    id: 'finish.unclamp',
    severity: 'caution',
    when: byMagnets,
    text: () => 'Slide the magnets off one by one, fingers clear.',
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
      'Tear the film off, not across the stitches; tweezers and a damp swab for scraps. What is left goes in the wash, and meets no iron before it.',
  },
  {
    id: 'finish.film-dry',
    severity: 'note',
    when: all<Stacked>(washAwayFilm, not(takesWater)),
    text: () => 'Tear the film off dry, scraps with tweezers: water would mark this cloth.',
  },
  {
    id: 'finish.film-heat',
    severity: 'caution',
    when: uses('heat-away film', (kind) => kind === 'heat-away-film'),
    text: (f) =>
      `Tear the film off, then lift the scraps with the tip of a ${ironFor(f)} iron, no steam, some 3 seconds at a place; try a scrap first, and never rub.`,
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
    id: 'finish.dry',
    severity: 'note',
    when: uses(
      'backing that is rinsed',
      (kind) => kind.startsWith('part-soluble') || kind === 'wash-away' || kind === 'wash-away-sticky',
    ),
    text: () => 'Dry it flat before any iron, cover or seam.',
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
      `Cut the cover ${coverSize(f)}, corners rounded, and fuse it over the back: ${ironFor(f)} iron, 15 seconds a place, press and lift, do not slide. The care label decides the heat.`,
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
      `Press from the back on a towel, ${ironFor(f)} iron, 10 seconds a place, lifted and not slid, no film left on it: film melts and irons burn, so follow the care label.`,
    seconds: 10,
  },
  {
    id: 'finish.no-press',
    severity: 'note',
    when: any<Stacked>(not(takesHeat), colourFilm, pile),
    text: (f) =>
      f.waterMarks || f.coated || colourFilm(f)
        ? 'No iron and no steam: smooth it by hand.'
        : 'No iron: finger-press, and steam from a distance only where the label allows it.',
  },
  {
    id: 'finish.infant-wash',
    severity: 'note',
    when: infant,
    text: () => 'Wash it once before it is worn or used.',
  },
]
