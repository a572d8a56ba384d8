import type { HouseHabits } from '../../habits'
import { always, type StackRule, uses } from './stackRule'

const trims: Record<HouseHabits['trim'], string> = {
  'rounded-6-12': 'Trim the cut-away 6 to 12 mm outside the stitches, corners rounded.',
  'close-3': 'Trim the cut-away to 3 mm outside the stitches.',
  strip: 'Trim the cut-away to the stitching.',
}

/** From the machine to the finished piece, for this stack (craft.md section 5, "Trimming", and 8). */
export const finishRules: readonly StackRule[] = [
  {
    id: 'finish.unhoop',
    severity: 'note',
    when: always,
    text: () => 'Off the machine, loosen the screw, then lift the inner ring.',
  },
  {
    id: 'finish.jumps',
    severity: 'caution',
    when: always,
    text: () => 'Trim jump threads, front then back; cut away from hand and cloth.',
  },
  {
    id: 'finish.film',
    severity: 'note',
    when: uses((kind) => kind === 'wash-away-film'),
    text: () => 'Tear the film off; tweezers and a damp swab for the rest, or leave it to the first wash.',
  },
  {
    id: 'finish.film-stays',
    severity: 'note',
    when: uses((kind) => kind === 'permanent-film'),
    text: () => 'Cut the colour film close round the stitches; what lies under them stays.',
  },
  {
    id: 'finish.film-heat',
    severity: 'caution',
    when: uses((kind) => kind === 'heat-away-film'),
    text: () => 'Tear the film off, then lift the scraps with a hot iron tip; try a scrap first.',
  },
  {
    id: 'finish.tear',
    severity: 'note',
    when: uses((kind) => kind.startsWith('tear-away')),
    text: () => 'Tear one layer at a time, thumb on the stitches.',
  },
  {
    id: 'finish.part-soluble',
    severity: 'note',
    when: uses((kind) => kind.startsWith('part-soluble')),
    text: () => 'Tear it off, then rinse: half of what is left washes out.',
  },
  {
    id: 'finish.wash-away',
    severity: 'note',
    when: uses((kind) => kind.startsWith('wash-away') && !kind.endsWith('film')),
    text: (f) =>
      f.skin ? 'Rinse until nothing slippery is left; none stays next to skin.' : 'Cut away the rest and rinse it out.',
  },
  {
    id: 'finish.cut-away',
    severity: 'caution',
    when: uses((kind) => kind.startsWith('cut-away')),
    text: (f) => trims[f.habits.trim],
  },
  {
    id: 'finish.cover',
    severity: 'caution',
    when: uses((kind) => kind.startsWith('cover')),
    text: () => 'Fuse the soft cover over the back, corners rounded; the care label decides the heat.',
  },
  {
    id: 'finish.press',
    severity: 'caution',
    when: (f) => f.takesHeat,
    text: () => 'Press from the back on a towel; film melts and irons burn, so follow the care label.',
  },
  {
    id: 'finish.no-press',
    severity: 'note',
    when: (f) => !f.takesHeat,
    text: () => 'No iron: finger-press, and steam from a distance only where the label allows it.',
  },
]
