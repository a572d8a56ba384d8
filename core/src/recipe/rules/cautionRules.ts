import { message } from '../../messages'
import { all, any, not, when } from '../condition'
import { coated, fusible, heavy, keepsHoles, knit, slick, stretchesOver10, takesWater } from '../conditions/cloth'
import { applique, backReached, dense, skin, smallLetters, toyOrInfant } from '../conditions/work'
import { byMagnets, colourFilm, gripped, has, held, type Stacked, type StackRule } from './stackRule'

const largeNeedle = when<Stacked>(
  'a needle of 90/14 or more',
  ({ stack: { needle } }) => needle?.size === '100/16' || needle?.size === '90/14',
)

/** The cautions of craft.md section 11 that a stack on this cloth calls for. */
export const cautionRules: readonly StackRule[] = [
  {
    id: 'safe.spray',
    severity: 'caution',
    when: gripped('sprayed', 'something is sprayed'),
  },
  {
    id: 'safe.spray-spots',
    severity: 'caution',
    when: all<Stacked>(gripped('sprayed', 'something is sprayed'), not(takesWater), not(coated)),
  },
  {
    id: 'safe.iron',
    severity: 'caution',
    when: gripped('fused', 'something is fused'),
  },
  {
    id: 'safe.magnets',
    severity: 'caution',
    when: byMagnets,
  },
  {
    id: 'safe.infants',
    severity: 'caution',
    when: all<Stacked>(toyOrInfant, has('cover', 'a cover')),
  },
  {
    id: 'safe.infants-bare',
    severity: 'caution',
    when: all<Stacked>(toyOrInfant, not(has('cover', 'a cover'))),
  },
  {
    id: 'safe.blades',
    severity: 'caution',
    when: applique,
  },
  {
    id: 'safe.thick',
    severity: 'caution',
    when: any(
      heavy,
      when('from 2.5 mm thick', (f) => f.thickness >= 2.5),
    ),
  },
  {
    id: 'needle.holes',
    severity: 'caution',
    when: all<Stacked>(largeNeedle, any(knit, stretchesOver10)),
    says: ({ stack }) => message('do.needle.holes', { size: { own: stack.needle?.size ?? '' } }),
  },
  {
    id: 'needle.holes-stay',
    severity: 'caution',
    when: any(keepsHoles, coated),
  },
  {
    id: 'load.dense-knit',
    severity: 'caution',
    when: all(dense, any(knit, stretchesOver10)),
  },
  {
    id: 'load.dense-fine',
    severity: 'caution',
    when: all(
      dense,
      when('under 120 g/m2', (f) => f.gsm < 120),
    ),
  },
  {
    id: 'load.letters-coarse',
    severity: 'caution',
    when: all(
      smallLetters,
      when('thread heavier than 60 wt', (f) => f.work.topThread.weight < 60),
    ),
    says: ({ work }) =>
      message('do.load.letters-coarse', { high: work.smallestLetterMm ?? 0, weight: work.topThread.weight }),
  },
  {
    id: 'pile.long',
    severity: 'caution',
    when: when('a pile from 10 mm', (f) => f.pile >= 10),
  },
  {
    id: 'grip.slick-clamp',
    severity: 'caution',
    when: all<Stacked>(slick, held('clamped')),
  },
  {
    id: 'cover.no-heat',
    severity: 'caution',
    when: all<Stacked>(
      any(skin, toyOrInfant),
      backReached,
      not(has('cover', 'a cover')),
      any<Stacked>(not(fusible), colourFilm),
    ),
  },
]
