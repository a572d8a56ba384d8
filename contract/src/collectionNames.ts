/** What a shop keeps as documents, by its name on the wire, in the order it is taken in. Named apart, as a start needs no schemas. */
export const collectionNames = [
  'machines',
  'hoops',
  'supplies',
  'threads',
  'needles',
  'bobbins',
  'adhesives',
  'swatches',
  'designs',
  'items',
  'corrections',
  'orders',
  'pieces',
  'movements',
  'runEvents',
] as const
export type CollectionName = (typeof collectionNames)[number]
