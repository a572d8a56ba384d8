import type { Called } from '../messages/message'
import type { ItemKind } from './itemKind'

/** What people call an item besides its name in the catalogue (craft.md section 9), by its id. */
const everyday: Readonly<Record<string, readonly string[]>> = {
  tee: ['t-shirt', 'tshirt', 'top', 'child', 'kid'],
  polo: ['polo shirt', 'yoke'],
  sweatshirt: ['jumper', 'pullover', 'sweater'],
  'hooded-top': ['hoodie', 'hoody'],
  shirt: ['cuff', 'collar', 'pocket', 'blouse'],
  'work-jacket': ['coat'],
  gilet: ['waistcoat', 'vest', 'body warmer'],
  robe: ['dressing gown', 'bathrobe'],
  shorts: ['short trousers'],
  leggings: ['tights'],
  beanie: ['bobble hat', 'woolly hat', 'knitted hat'],
  stocking: ['christmas stocking'],
  sash: ['belt', 'ribbon'],
  'hooded-towel': ['cuddle robe', 'baby towel'],
  'trouser-leg': ['jeans', 'dungarees', 'trousers', 'pants'],
  'infant-bodysuit': ['onesie', 'romper', 'babygrow', 'baby'],
  apron: ['pinafore', 'dungarees bib'],
  napkin: ['handkerchief', 'serviette', 'hankie'],
  blanket: ['throw', 'doona', 'quilt'],
  tote: ['shopper', 'shopping bag'],
  'drawstring-bag': ['pouch'],
  'bath-towel': ['bath sheet'],
  'wash-cloth': ['face cloth', 'flannel'],
  'tea-towel': ['dishcloth', 'waffle towel'],
  'cushion-cover': ['cushion'],
  'ready-pillow': ['throw pillow'],
  'plush-toy': ['teddy', 'soft toy'],
  'table-runner': ['scarf'],
  'flat-panel': ['cap', 'hat', 'scarf', 'pennant', 'patch', 'badge', 'pocket', 'drape', 'curtain', 'velvet'],
}

/** Letters and figures alone, so that “T-shirts” and “t shirt” are one. */
const plain = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9 ]/g, '')
    .replace(/(?<=\w{2})s\b/g, '')
    .trim()

const run = (text: string): string => plain(text).replace(/ /g, '')

/** How well one name answers to what is looked for: 0 not at all, 3 by its beginning. */
function answers(name: string, wanted: string): number {
  if (run(name) === run(wanted)) return 4
  if (run(name).startsWith(run(wanted))) return 3
  if (
    plain(name)
      .split(' ')
      .some((word) => word.startsWith(plain(wanted)))
  )
    return 2
  return run(wanted).length > 2 && run(name).includes(run(wanted)) ? 1 : 0
}

/**
 * The kinds that a word a person would use leads to, the best first; all of them, as they are, for no word.
 * `nameOf`: what a name of the catalogue reads in the language of who looks.
 *
 * @example findKinds('hoodie', itemKinds, labelOf)[0].id // 'hooded-top'
 */
export function findKinds<Kind extends Pick<ItemKind, 'id' | 'name' | 'placements'>>(
  text: string,
  kinds: readonly Kind[],
  nameOf: (name: Called) => string,
): Kind[] {
  if (plain(text) === '') return [...kinds]
  const scored = kinds.map((kind) => {
    const [own, called] = [
      answers(nameOf(kind.name), text),
      (everyday[kind.id] ?? []).map((name) => answers(name, text)),
    ]
    const placed = kind.placements.some(({ name }) => answers(nameOf(name), text) > 1) ? 0.5 : 0
    return { kind, score: Math.max(own * 1.1, ...called, placed) }
  })
  return scored
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score)
    .map(({ kind }) => kind)
}
