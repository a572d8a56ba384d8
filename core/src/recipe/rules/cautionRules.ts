import { all, any, not, when } from '../condition'
import { coated, fusible, heavy, keepsHoles, knit, slick, stretchesOver10 } from '../conditions/cloth'
import { applique, dense, fineLetters, skin, toyOrInfant } from '../conditions/work'
import { gripped, has, held, type Stacked, type StackRule } from './stackRule'

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
    text: () =>
      'Spray outdoors or in a box with air moving, on the backing only, away from machine, flames and children; read the label.',
  },
  {
    id: 'safe.iron',
    severity: 'caution',
    when: gripped('fused', 'something is fused'),
    text: () => 'Hot iron: test a scrap and follow the care label.',
  },
  {
    id: 'safe.magnets',
    severity: 'caution',
    when: held('clamped'),
    text: () => 'Magnets pinch fingers; keep them from pacemakers and cards.',
  },
  {
    id: 'safe.infants',
    severity: 'caution',
    when: all<Stacked>(toyOrInfant, has('cover', 'a cover')),
    text: () =>
      'For infants and toys: no loose trims, buttons or pins left in, soft cover on the back; local product-safety rules decide.',
  },
  {
    id: 'safe.infants-bare',
    severity: 'caution',
    when: all<Stacked>(toyOrInfant, not(has('cover', 'a cover'))),
    text: () =>
      'For infants and toys: no loose trims, buttons or pins left in, thread ends short and soft; local product-safety rules decide.',
  },
  {
    id: 'safe.blades',
    severity: 'caution',
    when: applique,
    text: () => 'Trim applied cloth with the hoop off the needle, blades away from the hand and from the ground cloth.',
  },
  {
    id: 'safe.thick',
    severity: 'caution',
    when: any(
      heavy,
      when('from 2.5 mm thick', (f) => f.thickness >= 2.5),
    ),
    text: () => 'Thick work can break a needle: slow down; eye protection is sensible.',
  },
  {
    id: 'needle.holes',
    severity: 'caution',
    when: all<Stacked>(largeNeedle, any(knit, stretchesOver10)),
    text: ({ stack }) =>
      `A ${stack.needle?.size} needle can leave holes and runs in cloth that stretches: try a scrap, or take a finer thread and needle.`,
  },
  {
    id: 'needle.holes-stay',
    severity: 'caution',
    when: any(keepsHoles, coated),
    text: () => 'Needle holes stay: place it right the first time, and unpick nothing.',
  },
  {
    id: 'load.dense-knit',
    severity: 'caution',
    when: all(dense, any(knit, stretchesOver10)),
    text: () =>
      'A dense design makes cloth that stretches stiff and may pucker: a lighter design or a firmer cloth is safer.',
  },
  {
    id: 'load.dense-fine',
    severity: 'caution',
    when: all(
      dense,
      when('under 120 g/m2', (f) => f.gsm < 120),
    ),
    text: () => 'A dense design can tear or pucker cloth this fine: take a lighter one if you can.',
  },
  {
    id: 'load.letters-coarse',
    severity: 'caution',
    when: all(
      fineLetters,
      when('thread heavier than 60 wt', (f) => f.work.topThread.weight < 60),
    ),
    text: (f) =>
      `Letters of ${f.work.smallestLetterMm} mm want a 60 wt thread and a fine needle; in ${f.work.topThread.weight} wt they close up.`,
  },
  {
    id: 'grip.slick-clamp',
    severity: 'caution',
    when: all<Stacked>(slick, held('clamped')),
    text: () => 'Thin and slippery between magnets: check that it has not crept before each start.',
  },
  {
    id: 'cover.no-heat',
    severity: 'caution',
    when: all(skin, not(fusible)),
    text: () => 'Nothing can be fused to this cloth: line the back with something soft, sewn on by hand.',
  },
]
