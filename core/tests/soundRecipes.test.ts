import { writeMessage } from '@thimble/language'
import type { Message } from '../src/messages'
import { habitChoices, defaultHabits } from '@thimble/core/habits'
import {
  clothFamilies,
  familyFacts,
  factsOf,
  holdingMethods,
  type RecipeOption,
  type RecipeQuery,
  recommendRecipe,
} from '@thimble/core/recipe'
import { judgeStack } from '@thimble/core/stackReview'
import { type HouseHabits } from '../src'

const houses = Object.entries(habitChoices).flatMap(([habit, choices]) =>
  choices.map((choice): HouseHabits => ({ ...defaultHabits, [habit]: choice })),
)
const uses: RecipeQuery['use'][] = [
  {},
  { nextToSkin: true, laundering: 'daily' },
  { infant: true },
  { toy: true },
  { heirloom: true, backSeen: true },
]
const pulls = [undefined, 2, 7, 12]

/** A seventh of them here, which turns through all of them; the rest with `npm run endure`. */
const ONE_IN = process.env.THIMBLE_ENDURE ? 1 : 7

/** Every cloth, load, kind, use and way of holding; houses, pull tests, grounds and threads go round. */
function* queries(): Generator<RecipeQuery> {
  let n = 0
  for (const family of clothFamilies)
    for (const loadClass of ['outline', 'light', 'medium', 'dense'] as const)
      for (const kind of ['line', 'wording', 'fill', 'applique', 'satin'] as const)
        for (const use of uses)
          for (const holding of [undefined, ...holdingMethods])
            for (const turn of [0, 1, 2]) {
              n++
              if (n % ONE_IN !== 0) continue
              const stretchPercent = pulls[(n + turn) % pulls.length]
              const dark = n % 2 === 0
              yield {
                cloth: {
                  ...{ family, colour: dark ? '#22262b' : '#fdfbf5' },
                  ...(stretchPercent === undefined ? {} : { stretchPercent }),
                },
                work: {
                  ...{ widthMm: 80, heightMm: 60, loadClass, kind, colourCount: 1 },
                  ...(n % 5 === 0 ? { smallestLetterMm: 5 } : {}),
                  topThread: {
                    weight: ([40, 60, 30, 12] as const)[n % 4]!,
                    fibre: 'polyester',
                    colours: [dark ? '#fdfbf5' : '#203040'],
                  },
                },
                ...{ use, habits: houses[(n * 7 + turn) % houses.length]! },
                ...(holding ? { holding } : {}),
              }
            }
}

type Asked = { q: RecipeQuery; o: RecipeOption; stretch: number }
const under = (o: RecipeOption) => o.layers.filter((l) => l.role === 'backing')
const sheets = (o: RecipeOption): number => under(o).reduce((sum, l) => sum + l.sheets, 0)
const stays = (o: RecipeOption): boolean => under(o).some((l) => l.kind.startsWith('cut-away'))
const cloth = (o: RecipeOption) => o.layers.find((l) => l.role === 'cloth')!
const text = ({ said }: { said: Message }): string => writeMessage(said)
/** All that a recipe says in words, and what it tells to do after the machine. */
const said = (o: RecipeOption): string[] =>
  [...o.because, ...o.cautions, ...o.checks, ...o.finishing, ...(o.against ? [o.against] : [])].map(text)
const told = (o: RecipeOption): string[] => o.finishing.map(text)
const place = (o: RecipeOption, step: RegExp): number => told(o).findIndex((line) => step.test(line))
const holesStay = (q: RecipeQuery): boolean => ['satin', 'coated', 'suede-like'].includes(q.cloth.family)
const gives = ({ q, stretch }: Asked): boolean => familyFacts[q.cloth.family].knit || stretch > 10
const skin = ({ q }: Asked): boolean => Boolean(q.use.nextToSkin || (q.use.infant && familyFacts[q.cloth.family].knit))

/** craft.md sections 3, 5, 6 and 9, said once more in other words than the rules'. */
const demands: Record<string, (a: Asked) => boolean> = {
  'always two means two wherever there is backing': ({ q, o }) =>
    q.habits.layers !== 'always-two' || sheets(o) === 0 || sheets(o) >= 2,
  'dense means two, crossed, but on duck and denim from 400 g/m2, and in a house that lays none': ({ q, o }) =>
    q.work.loadClass !== 'dense' ||
    sheets(o) === 0 ||
    (q.cloth.family === 'canvas' && stays(o)) ||
    (sheets(o) >= 2 && under(o).some((l) => l.crossed)),
  'only heavy or padded cloth goes without backing': ({ q, o }) =>
    sheets(o) > 0 || ['canvas', 'denim', 'quilted'].includes(q.cloth.family),
  'under a dense design on cloth that stretches cut-away stays, and what floats it warns of that': (a) =>
    a.q.work.loadClass !== 'dense' ||
    !gives(a) ||
    (stays(a.o) &&
      (['velvet-plush', 'terry', 'waffle', 'satin', 'coated', 'quilted'].includes(a.q.cloth.family) ||
        !['floated', 'backing-under'].includes(a.o.holding) ||
        a.o.against !== undefined)),
  'nothing is fused, or lifted with heat, where the cloth takes none': ({ q, o }) =>
    !['low', 'no'].includes(familyFacts[q.cloth.family].heat) ||
    !o.layers.some((l) => l.grip === 'fused' || l.kind === 'heat-away-film'),
  'what a hoop marks is put in one with a warning': ({ q, o }) =>
    familyFacts[q.cloth.family].bruise !== 'high' ||
    !['hooped', 'backing-under'].includes(o.holding) ||
    /mark/.test(o.against ? text(o.against) : ''),
  'a way that something speaks against is taken only where it was asked for, or all are so': ({ q, o }) =>
    o.against === undefined || q.holding === o.holding || recommended.get(q)?.[0]?.against !== undefined,
  'cloth is pressed on sticky only where sticky shows': ({ o }) =>
    cloth(o).grip !== 'sticky' || !under(o).some((l) => l.grip === 'sprayed'),
  'dark backing is named under dark cloth where it stays': ({ q, o }) =>
    q.cloth.colour !== '#22262b' || !stays(o) || o.because.some((b) => /black or dark/.test(text(b))),
  'cloth is pressed on sticky only where sticky lies in the hoop, and what lies between is stuck to the cloth': ({
    o,
  }) => {
    const grip = cloth(o).grip
    if (grip !== 'sticky' && grip !== 'basted') return true
    const carrier = under(o).findIndex((l) => l.kind.endsWith('-sticky') && l.grip === 'in-ring')
    return (
      carrier >= 0 &&
      under(o)
        .slice(0, carrier)
        .every((l) => l.grip === 'fused' || l.grip === 'sprayed')
    )
  },
  'every layer is held by something': ({ o }) =>
    under(o).every((l) => (l.grip === 'loose' ? o.holding === 'backing-under' : true)) &&
    (o.holding !== 'floated' || under(o).some((l) => l.grip === 'in-ring')),
  'a layer is fused if and only if it is a fusible one': ({ o }) =>
    under(o).every((l) => (l.grip === 'fused') === l.kind.endsWith('-fusible')),
  'sticky tear-away next to the skin carries a mesh': (a) =>
    !skin(a) || !under(a.o).some((l) => l.kind === 'tear-away-sticky') || stays(a.o),
  'a caution that asks for a cover comes with one': ({ o }) =>
    !o.cautions.some((c) => /soft cover on/.test(text(c))) || o.layers.some((l) => l.role === 'cover'),
  'a large needle on a knit warns of holes': ({ q, o }) =>
    o.needle.size !== '100/16' || !familyFacts[q.cloth.family].knit || o.cautions.some((c) => /holes/.test(text(c))),
  'letters under 6 mm take a 60 wt and a fine needle': ({ q, o }) =>
    !q.work.smallestLetterMm || (o.topThread.weight === 60 && ['65/9', '70/10'].includes(o.needle.size)),
  'pile has a topping': ({ q, o }) =>
    familyFacts[q.cloth.family].pileMm < 1 || o.layers.some((l) => l.role === 'topping'),
  'a knit keeps cut-away, or nothing under light work': (a) =>
    !familyFacts[a.q.cloth.family].knit || stays(a.o) || a.o.id.includes('wash-away') || a.o.id.includes('dissolves'),
  'wash-away alone is for light work': ({ q, o }) =>
    sheets(o) === 0 ||
    !under(o).every((l) => l.kind.startsWith('wash-away')) ||
    ['outline', 'light'].includes(q.work.loadClass) ||
    (q.cloth.family === 'organza' && q.work.loadClass === 'medium'),
  'a house that dissolves does so first on light work worn and washed': ({ q, o }) =>
    o !== recommended.get(q)?.[0] ||
    q.habits.wearableBacking !== 'dissolves' ||
    !q.use.nextToSkin ||
    !['outline', 'light'].includes(q.work.loadClass) ||
    ['coated', 'satin'].includes(q.cloth.family) ||
    o.holding === 'backing-under' ||
    under(o).every((l) => l.kind.startsWith('wash-away')),
  'a spray house floats on spray': ({ q, o }) =>
    o !== recommended.get(q)?.[0] ||
    q.habits.grip !== 'spray' ||
    o.holding !== 'floated' ||
    cloth(o).grip === 'sprayed',
  'nothing is basted or pinned where holes stay': ({ q, o }) =>
    !holesStay(q) ||
    !said(o).some(
      (line) => /\bbast|\bpins? (in|through|outside)|pinned/i.test(line) && !/no (pin|basting)/i.test(line),
    ),
  'spray on satin is tried on a scrap': ({ q, o }) =>
    q.cloth.family !== 'satin' ||
    !o.layers.some((l) => l.grip === 'sprayed') ||
    said(o).some((line) => /may spot/.test(line)),
  'no iron and no steam on satin or coated cloth': ({ q, o }) =>
    !['satin', 'coated'].includes(q.cloth.family) ||
    !said(o).some((line) => /\biron\b|steam/.test(line) && !/^No iron|meets no iron|before any iron/.test(line)),
  'no iron after colour film, no cover, and it is cut in the hoop': ({ o }) =>
    !o.layers.some((l) => l.kind === 'permanent-film') ||
    (!o.layers.some((l) => l.role === 'cover') &&
      !told(o).some((line) => /(medium|warm) iron/.test(line)) &&
      place(o, /In the hoop, cut/) < place(o, /inner ring|magnets/i)),
  'what is rinsed is dried before it is ironed, covered or closed': ({ o }) =>
    place(o, /rinse/) < 0 ||
    (place(o, /rinse/) < place(o, /Dry it flat/) &&
      [/Press from/, /Cut the cover/, /Close the seam/].every(
        (later) => place(o, later) < 0 || place(o, /Dry it flat/) < place(o, later),
      )),
  'one heat in every step': ({ q, o }) =>
    !told(o).some((line) => (familyFacts[q.cloth.family].heat === 'medium' ? /medium iron/ : /warm iron/).test(line)),
  'an infant’s or a toy’s comes with its caution, and an infant’s is washed': ({ q, o }) =>
    !(q.use.infant || q.use.toy || q.cloth.family === 'infant-jersey') ||
    (o.cautions.some((c) => /ribbons.*flammability.*sleepwear.*flame/is.test(text(c))) &&
      (Boolean(q.use.toy) || place(o, /Wash it once/) >= 0)),
  'colour film never comes first for an infant': ({ q, o }) =>
    o !== recommended.get(q)?.[0] || !q.use.infant || !o.layers.some((l) => l.kind === 'permanent-film'),
  'a sheer has no cover': ({ q, o }) => q.cloth.family !== 'organza' || !o.layers.some((l) => l.role === 'cover'),
  'a wedge is for hide': ({ o }) => o.needle.point !== 'wedge',
  'no ballpoint in a woven, but in towelling or pile': ({ q, o }) =>
    o.needle.point !== 'ballpoint' ||
    familyFacts[q.cloth.family].knit ||
    ['terry', 'waffle', 'velvet-plush'].includes(q.cloth.family),
  'small letters are sewn slowly': ({ q, o }) => !q.work.smallestLetterMm || o.speedSpm <= 600,
  'a black bobbin goes with dark cloth and dark thread': ({ o }) => o.bobbin.colour !== 'black',
  'pale thin knits have mesh before a firm cut-away': ({ q, o }) =>
    q.cloth.colour === '#22262b' ||
    !['jersey', 'infant-jersey', 'performance'].includes(q.cloth.family) ||
    !under(o).some((l) => l.kind === 'cut-away-medium' || l.kind === 'cut-away-heavy') ||
    o.holding === 'backing-under',
}
const recommended = new Map<RecipeQuery, RecipeOption[]>()

describe('over every cloth, load, kind, use and way of holding, in every school', () => {
  const broken: Record<string, string> = {}
  let answered = 0
  beforeAll(() => {
    for (const q of queries()) {
      const { options } = recommendRecipe(q)
      recommended.clear()
      recommended.set(q, options)
      if (options.length === 0) broken['no recipe'] ??= JSON.stringify(q)
      const row = familyFacts[q.cloth.family]
      const stretch = q.cloth.stretchPercent ?? (row.stretch[0] + row.stretch[1]) / 2
      const facts = factsOf(q)
      for (const o of options) {
        answered++
        for (const [says, met] of Object.entries(demands))
          if (!met({ q, o, stretch })) broken[says] ??= `${o.id} ${JSON.stringify(q)}`
        for (const j of judgeStack(facts, o))
          if (j.verdict === 'fault' && !j.rule.startsWith('hold.')) broken[j.rule] ??= `${o.id} ${JSON.stringify(q)}`
      }
    }
  }, 120_000)

  it('every recipe is sound', () => {
    expect(broken).toEqual({})
  })

  it('all are answered, as nothing but what cannot be done is refused', () => {
    expect(answered).toBeGreaterThan(70_000 / ONE_IN)
  })
})
