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

const anyFilm = uses('film', (kind) => kind.endsWith('film'))
const washAwayFilm = uses('wash-away film', (kind) => kind === 'wash-away-film')

/** From the machine to the finished piece, for this stack (craft.md section 5, "Trimming", and 8). */
export const finishRules: readonly StackRule[] = [
  {
    id: 'finish.jumps',
    severity: 'caution',
    when: always,
    text: () => 'Off the machine, still hooped: trim jump threads, blades away from hand and cloth.',
  },
  {
    id: 'finish.film-stays',
    severity: 'caution',
    when: colourFilm,
    text: () =>
      'Still hooped: cut the colour film close to the stitches, blades away from hand and cloth. Never iron it: it melts.',
  },
  {
    id: 'finish.unhoop',
    severity: 'note',
    when: not(byMagnets),
    text: () => 'Loosen the screw, lift out the inner ring.',
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
    text: () => 'Take out basting; count pins out.',
  },
  {
    id: 'finish.lift-off',
    severity: 'note',
    when: all<Stacked>(
      held('floated'),
      uses('a sticky sheet', (kind) => kind.endsWith('-sticky')),
    ),
    text: () => 'Lift it off the sticky sheet.',
  },
  {
    id: 'finish.applique',
    severity: 'caution',
    when: applique,
    text: () => 'Trim frayed patch edges, blades flat and away from your hand.',
  },
  {
    id: 'finish.film',
    severity: 'note',
    when: all<Stacked>(washAwayFilm, takesWater),
    text: () => 'Tear the film off, scraps with a damp swab. The rest washes out; don’t iron before that.',
  },
  {
    id: 'finish.film-dry',
    severity: 'note',
    when: all<Stacked>(washAwayFilm, not(takesWater)),
    text: () => 'Tear the film off dry, scraps with tweezers. Water would mark this cloth.',
  },
  {
    id: 'finish.film-heat',
    severity: 'caution',
    when: uses('heat-away film', (kind) => kind === 'heat-away-film'),
    text: (f) =>
      `Tear the film off, then lift the scraps with the tip of a ${ironFor(f)} iron: no steam, 3 seconds a spot, never rub. Try a scrap first.`,
  },
  {
    id: 'finish.tear',
    severity: 'note',
    when: uses('tear-away', (kind) => kind.startsWith('tear-away')),
    text: () => 'Tear off one layer at a time, thumb on the stitches.',
  },
  {
    id: 'finish.part-soluble',
    severity: 'note',
    when: uses('part-soluble tear-away', (kind) => kind.startsWith('part-soluble')),
    text: () => 'Tear it off, rinse 2 minutes in lukewarm water, don’t wring.',
    seconds: 120,
  },
  {
    id: 'finish.wash-away',
    severity: 'note',
    when: uses('wash-away', (kind) => kind === 'wash-away' || kind === 'wash-away-sticky'),
    text: (f) =>
      f.skin
        ? 'Trim it and soak 5 minutes in lukewarm water. Rinse until nothing slippery is left: none may stay next to the skin. Don’t wring.'
        : 'Trim it, soak 5 minutes in lukewarm water, and rinse. Don’t wring.',
    seconds: 300,
  },
  {
    id: 'finish.dry',
    severity: 'note',
    when: uses(
      'backing that is rinsed',
      (kind) => kind.startsWith('part-soluble') || kind === 'wash-away' || kind === 'wash-away-sticky',
    ),
    text: () => 'Dry it flat before any iron or seam.',
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
    text: () => 'Trim dark ends that show through, not knots.',
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
    text: () => 'Put the filling back and close the opening so no small finger gets in.',
  },
  {
    id: 'finish.cover',
    severity: 'caution',
    when: uses('a cover', (kind) => kind.startsWith('cover')),
    text: (f) =>
      `Cut the cover ${coverSize(f)}, corners rounded. Fuse it on: ${ironFor(f)} iron, 15 seconds a spot. Follow the label.`,
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
      `Press from the back: ${ironFor(f)} iron, 10 seconds a spot${anyFilm(f) ? ', no film left on' : ''}. Irons burn: follow the label.`,
    seconds: 10,
  },
  {
    id: 'finish.no-press',
    severity: 'note',
    when: any<Stacked>(not(takesHeat), colourFilm, pile),
    text: (f) =>
      f.waterMarks || f.coated || colourFilm(f)
        ? 'No iron and no steam. Smooth it by hand.'
        : 'No iron. Press with your fingers; steam from a distance only if the label allows.',
  },
  {
    id: 'finish.infant-wash',
    severity: 'note',
    when: infant,
    text: () => 'Wash it once before use.',
  },
]
