import { namedCloths } from '../../src/recipe'
import { cover, dense, film, hot, infants, pinned, stays, tears, WHITE, type Question } from './question'

/** Of a named cloth, laid over its family. */
function of(id: string, asked: Question[2] = {}): [Question[1], Question[2]] {
  const { family, name: _, id: __, ...numbers } = namedCloths.find((one) => one.id === id)!
  return [family, { ...asked, cloth: { ...numbers, ...asked.cloth } }]
}
const q = (says: string, id: string, truth: Question[3], asked?: Question[2]): Question => [
  says,
  ...of(id, asked),
  truth,
]

/** The cloths of craft.md section 4, the last paragraph, and odd uses of others. */
export const byName: readonly Question[] = [
  q('a nylon shell slips: sharp, taped, no iron', 'nylon-shell', {
    is: [/needle \S+ sharp/, /tape/i],
    not: [pinned, hot, / fused/],
  }),
  q(
    'a nylon shell between magnets is sprayed',
    'nylon-shell',
    { is: [/held clamped/, / sprayed/] },
    { holding: 'clamped', ring: { outsideWidthMm: 240, outsideHeightMm: 250, clamp: true } },
  ),
  q('French terry keeps cut-away', 'french-terry', { is: [stays, /needle 75\/11/] }),
  q('corduroy wants film, its pile brushed one way', 'corduroy', {
    is: [film, /Pile brushed one way/, /needle 75\/11/],
  }),
  q('double gauze: two layers held together, warm iron', 'double-gauze', {
    is: [/Both layers basted together/, /warm iron/],
    not: [/medium iron/],
  }),
  q(
    'stretch denim, dense: a sharp, and cut-away',
    'stretch-denim',
    { is: [/sharp/, stays], not: [/ballpoint/] },
    { work: dense },
  ),
  q('stretch twill: a sharp', 'stretch-twill', { is: [/needle 75\/11 sharp/], not: [/ballpoint/] }),
  q('faux fur: film, a bold design, no iron', 'faux-fur', {
    is: [film, /Long pile works through/],
    not: [hot, / fused/],
  }),
  q('acrylic felt: no medium iron, nothing fused', 'acrylic-felt', { is: [tears], not: [hot, / fused/] }),
  q('real hide: a small wedge', 'real-hide', { is: [/needle 80\/12 wedge/, /tape/i], not: [pinned, / fused/] }),
  ['a twill toy is covered, and cautioned', 'twill', { use: { toy: true } }, { is: [infants, cover] }],
  [
    'a burp cloth of gauze is not next to the skin',
    'lawn',
    { use: { infant: true } },
    { is: [infants, /Wash it once/], not: [cover] },
  ],
  [
    'a christening gown is',
    'lawn',
    { use: { infant: true, heirloom: true } },
    { is: [infants, cover, /part-soluble-fusible/] },
  ],
  [
    'colour film is opened rough side down, puckers and all',
    'terry',
    { cloth: { colour: '#22262b' }, thread: { colours: [WHITE] } },
    { is: [/rough side down/] },
  ],
]
