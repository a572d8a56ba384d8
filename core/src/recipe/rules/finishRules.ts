import type { HouseHabits } from '../../habits'
import { message, type MessageId, type Named } from '../../messages'
import { all, always, any, not, when } from '../condition'
import { dark, holesStay, pile, takesHeat, takesWater } from '../conditions/cloth'
import { applique, infant } from '../conditions/work'
import { byMagnets, colourFilm, held, type Stacked, type StackRule, uses } from './stackRule'

const trims: Record<HouseHabits['trim'], MessageId> = {
  'rounded-6-12': 'do.finish.cut-away',
  'close-3': 'do.finish.cut-away.close',
  strip: 'do.finish.cut-away.strip',
}
/** Design plus 12 mm a side (craft.md section 5). */
const COVER_MM = 12

function coverSize({ stack, work }: Stacked): { wide: number; high: number } {
  const piece = stack.layers.find((layer) => layer.role === 'cover')?.piece
  const [width, height] = piece
    ? [piece.widthMm, piece.heightMm]
    : [work.widthMm + 2 * COVER_MM, work.heightMm + 2 * COVER_MM]
  return { wide: Math.round(width), high: Math.round(height) }
}

/** How hot, in every step alike (craft.md section 4). */
const ironFor = ({ heat }: Stacked): Named => (heat === 'yes' ? 'iron.medium' : 'iron.warm')

const anyFilm = uses('film', (kind) => kind.endsWith('film'))
const washAwayFilm = uses('wash-away film', (kind) => kind === 'wash-away-film')

/** From the machine to the finished piece, for this stack (craft.md section 5, "Trimming", and 8). */
export const finishRules: readonly StackRule[] = [
  {
    id: 'finish.jumps',
    severity: 'caution',
    when: always,
  },
  {
    id: 'finish.film-stays',
    severity: 'caution',
    when: colourFilm,
  },
  {
    id: 'finish.unhoop',
    severity: 'note',
    when: not(byMagnets),
  },
  {
    id: 'finish.unclamp',
    severity: 'caution',
    when: byMagnets,
  },
  {
    id: 'finish.baste-out',
    severity: 'note',
    when: all<Stacked>(held('floated'), not(holesStay)),
  },
  {
    id: 'finish.lift-off',
    severity: 'note',
    when: all<Stacked>(
      held('floated'),
      uses('a sticky sheet', (kind) => kind.endsWith('-sticky')),
    ),
  },
  {
    id: 'finish.applique',
    severity: 'caution',
    when: applique,
  },
  {
    id: 'finish.film',
    severity: 'note',
    when: all<Stacked>(washAwayFilm, takesWater),
  },
  {
    id: 'finish.film-dry',
    severity: 'note',
    when: all<Stacked>(washAwayFilm, not(takesWater)),
  },
  {
    id: 'finish.film-heat',
    severity: 'caution',
    when: uses('heat-away film', (kind) => kind === 'heat-away-film'),
    says: (f) => message('do.finish.film-heat', { iron: ironFor(f) }),
  },
  {
    id: 'finish.tear',
    severity: 'note',
    when: uses('tear-away', (kind) => kind.startsWith('tear-away')),
  },
  {
    id: 'finish.part-soluble',
    severity: 'note',
    when: uses('part-soluble tear-away', (kind) => kind.startsWith('part-soluble')),
    seconds: 120,
  },
  {
    id: 'finish.wash-away',
    severity: 'note',
    when: uses('wash-away', (kind) => kind === 'wash-away' || kind === 'wash-away-sticky'),
    says: (f) => message(f.skin ? 'do.finish.wash-away.skin' : 'do.finish.wash-away'),
    seconds: 300,
  },
  {
    id: 'finish.dry',
    severity: 'note',
    when: uses(
      'backing that is rinsed',
      (kind) => kind.startsWith('part-soluble') || kind === 'wash-away' || kind === 'wash-away-sticky',
    ),
  },
  {
    id: 'finish.cut-away',
    severity: 'caution',
    when: uses('cut-away', (kind) => kind.startsWith('cut-away')),
    says: (f) => [trims[f.habits.trim]],
  },
  {
    id: 'finish.dark-ends',
    severity: 'note',
    when: all(
      not(dark),
      when('a pale cloth that shows through', (f) => f.paleThin),
    ),
  },
  {
    id: 'finish.seam',
    severity: 'note',
    when: when(
      'a seam was opened to reach in',
      (f) => f.ringInside === false && f.habits.smallGarmentBulk === 'unpick-seam',
    ),
  },
  {
    id: 'finish.filling',
    severity: 'caution',
    when: when('a toy', (f) => Boolean(f.use.toy)),
  },
  {
    id: 'finish.cover',
    severity: 'caution',
    when: uses('a cover', (kind) => kind.startsWith('cover')),
    says: (f) => message('do.finish.cover', { ...coverSize(f), iron: ironFor(f) }),
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
    says: (f) => message(anyFilm(f) ? 'do.finish.press.film' : 'do.finish.press', { iron: ironFor(f) }),
    seconds: 10,
  },
  {
    id: 'finish.no-press',
    severity: 'note',
    when: any<Stacked>(not(takesHeat), colourFilm, pile),
    says: (f) => message(f.waterMarks || f.coated || colourFilm(f) ? 'do.finish.no-press.dry' : 'do.finish.no-press'),
  },
  {
    id: 'finish.infant-wash',
    severity: 'note',
    when: infant,
  },
]
