import { things as t } from '@thimble/language/en/things'
import type { CollectionName } from '@thimble/contract'

type Words = {
  one: string
  many: string
  /** The address of one of them by its id; of what has no page, where it is seen. */
  page: (id: string) => string
}

const inStash =
  (kind: string) =>
  (id: string): string =>
    `/stash/${kind}/${id}`

/** The table of collections as the app names them: what one is called, what many are, and where one is opened. */
export const collectionWords: Readonly<Record<CollectionName, Words>> = {
  machines: { one: t('one-machine'), many: t('many-machines'), page: inStash('machine') },
  hoops: { one: t('one-hoop'), many: t('many-hoops'), page: inStash('hoop') },
  supplies: { one: t('backing-or-topping'), many: t('backings-and-toppings'), page: inStash('supply') },
  threads: { one: t('one-thread'), many: t('many-threads'), page: inStash('thread') },
  needles: { one: t('one-needle'), many: t('many-needles'), page: inStash('needle') },
  bobbins: { one: t('one-bobbin'), many: t('many-bobbins'), page: inStash('bobbin') },
  adhesives: { one: t('one-adhesive'), many: t('many-adhesives'), page: inStash('adhesive') },
  swatches: { one: t('one-swatch'), many: t('many-swatches'), page: inStash('swatch') },
  designs: { one: t('one-design'), many: t('many-designs'), page: (id) => `/designs/${id}` },
  items: { one: t('one-item'), many: t('many-items'), page: (id) => `/items/${id}` },
  corrections: { one: t('correction-of-the-moves'), many: t('corrections-of-the-moves'), page: () => '/log/works' },
  orders: { one: t('one-order'), many: t('many-orders'), page: (id) => `/runs/order/${id}` },
  pieces: { one: t('one-piece'), many: t('many-pieces'), page: (id) => `/piece/${id}` },
  movements: { one: t('movement-of-stock'), many: t('movements-of-stock'), page: () => '/stash' },
  runEvents: { one: t('event-at-the-machine'), many: t('events-at-the-machine'), page: () => '/' },
}

/** “Adhesive”. */
export const titleOf = (name: CollectionName): string => {
  const { one } = collectionWords[name]
  return one[0]!.toUpperCase() + one.slice(1)
}

/** “An adhesive”. */
export const oneOf = (name: CollectionName): string => {
  const { one } = collectionWords[name]
  return `${/^[aeio]/.test(one) ? t('an') : t('a')} ${one}`
}
