import { all, any, not, when } from '../condition'
import { coated, fusible, heavy, keepsHoles, knit, slick, stretchesOver10, takesWater } from '../conditions/cloth'
import { applique, backReached, dense, skin, smallLetters, toyOrInfant } from '../conditions/work'
import { byMagnets, colourFilm, gripped, has, held, type Stacked, type StackRule } from './stackRule'

const largeNeedle = when<Stacked>(
  'a needle of 90/14 or more',
  ({ stack: { needle } }) => needle?.size === '100/16' || needle?.size === '90/14',
)

const SAFETY_RULES = 'Local product-safety rules decide on ages, flammability and sleepwear. Keep it from flame.'

/** The cautions of craft.md section 11 that a stack on this cloth calls for. */
export const cautionRules: readonly StackRule[] = [
  {
    id: 'safe.spray',
    severity: 'caution',
    when: gripped('sprayed', 'something is sprayed'),
    text: () =>
      'Spray outdoors or in a ventilated box, on the backing only, away from machine, flames and children. Read the label.',
  },
  {
    id: 'safe.spray-spots',
    severity: 'caution',
    when: all<Stacked>(gripped('sprayed', 'something is sprayed'), not(takesWater), not(coated)),
    text: () => 'Spray may spot silk and satin. Try a scrap first.',
  },
  {
    id: 'safe.iron',
    severity: 'caution',
    when: gripped('fused', 'something is fused'),
    text: () => 'Irons burn. Test a scrap and follow the care label.',
  },
  {
    id: 'safe.magnets',
    severity: 'caution',
    when: byMagnets,
    text: () => 'Magnets pinch fingers. Keep them away from pacemakers and cards.',
  },
  {
    id: 'safe.infants',
    severity: 'caution',
    when: all<Stacked>(toyOrInfant, has('cover', 'a cover')),
    text: () =>
      `Infants and toys: no loose trims, ribbons, buttons or pins, and a soft cover on the back. ${SAFETY_RULES}`,
  },
  {
    id: 'safe.infants-bare',
    severity: 'caution',
    when: all<Stacked>(toyOrInfant, not(has('cover', 'a cover'))),
    text: () =>
      `Infants and toys: no loose trims, ribbons, buttons or pins, and short thread ends. Line the back with something soft where it touches skin. ${SAFETY_RULES}`,
  },
  {
    id: 'safe.blades',
    severity: 'caution',
    when: applique,
    text: () =>
      'Trim patch cloth with the hoop off the machine, still hooped, blades away from your hand and the cloth below.',
  },
  {
    id: 'safe.thick',
    severity: 'caution',
    when: any(
      heavy,
      when('from 2.5 mm thick', (f) => f.thickness >= 2.5),
    ),
    text: () => 'Thick work can break a needle: slow down, wear eye protection.',
  },
  {
    id: 'needle.holes',
    severity: 'caution',
    when: all<Stacked>(largeNeedle, any(knit, stretchesOver10)),
    text: ({ stack }) =>
      `A ${stack.needle?.size} needle can leave holes and runs in stretchy cloth. Try a scrap, or use finer thread and needle.`,
  },
  {
    id: 'needle.holes-stay',
    severity: 'caution',
    when: any(keepsHoles, coated),
    text: () => 'Needle holes stay. Place it right the first time; don’t unpick.',
  },
  {
    id: 'load.dense-knit',
    severity: 'caution',
    when: all(dense, any(knit, stretchesOver10)),
    text: () => 'A dense design stiffens stretchy cloth and may pucker. A lighter design is safer.',
  },
  {
    id: 'load.dense-fine',
    severity: 'caution',
    when: all(
      dense,
      when('under 120 g/m2', (f) => f.gsm < 120),
    ),
    text: () => 'A dense design can tear or pucker cloth this fine. Use a lighter one if you can.',
  },
  {
    id: 'load.letters-coarse',
    severity: 'caution',
    when: all(
      smallLetters,
      when('thread heavier than 60 wt', (f) => f.work.topThread.weight < 60),
    ),
    text: (f) =>
      `Letters of ${f.work.smallestLetterMm} mm close up in ${f.work.topThread.weight} wt. For their colour use 60 wt and a 65/9 or 70/10 needle, at 500 to 600 a minute.`,
  },
  {
    id: 'pile.long',
    severity: 'caution',
    when: when('a pile from 10 mm', (f) => f.pile >= 10),
    text: () => 'Long pile works through stitches. Use a bold design with full underlay, and brush the pile aside.',
  },
  {
    id: 'grip.slick-clamp',
    severity: 'caution',
    when: all<Stacked>(slick, held('clamped')),
    text: () => 'Slippery cloth creeps between magnets. Check it before each start.',
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
    text: () => 'You can’t fuse a cover here. Where the back touches skin, sew on a soft lining by hand.',
  },
]
