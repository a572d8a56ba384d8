export type ClothFamily =
  | 'quilting-cotton'
  | 'lawn'
  | 'linen'
  | 'satin'
  | 'organza'
  | 'twill'
  | 'denim'
  | 'canvas'
  | 'coated'
  | 'suede-like'
  | 'jersey'
  | 'pique'
  | 'rib'
  | 'performance'
  | 'infant-jersey'
  | 'sweatshirt'
  | 'polar-fleece'
  | 'terry'
  | 'waffle'
  | 'velvet-plush'
  | 'wool-felt'
  | 'chunky-knit'
  | 'quilted'
export type Heat = 'yes' | 'medium' | 'low' | 'no'
export type Bruise = 'low' | 'medium' | 'high'
export type SeeThrough = 'none' | 'low' | 'medium' | 'high'

/** One cloth: its family, its colour (#rrggbb), and whatever the worker knows better than the table. */
export type Cloth = {
  family: ClothFamily
  colour: string
  stretchPercent?: number
  gsm?: number
  thicknessMm?: number
  pileMm?: number
  heat?: Heat
  bruise?: Bruise
  seeThrough?: SeeThrough
}

/** A row of craft.md section 4: the range of each number, and whether recipes cover the family yet. */
export type FamilyFacts = {
  name: string
  gsm: readonly [number, number]
  mm: number
  stretch: readonly [number, number]
  pileMm: number
  heat: Heat
  bruise: Bruise
  seeThrough: SeeThrough
  knit: boolean
  covered: boolean
}

type Row = [
  string,
  [number, number],
  number,
  [number, number],
  number,
  Heat,
  Bruise,
  SeeThrough,
  ('knit' | 'woven')?,
  'covered'?,
]

const rows: Record<ClothFamily, Row> = {
  'quilting-cotton': ['quilting cotton, poplin', [110, 150], 0.25, [0, 2], 0, 'yes', 'low', 'low'],
  lawn: ['lawn, voile, dress weight', [60, 110], 0.15, [0, 3], 0, 'medium', 'low', 'high', 'woven', 'covered'],
  linen: ['linen', [130, 220], 0.35, [0, 3], 0, 'yes', 'medium', 'medium'],
  satin: ['satin, taffeta, silk', [60, 130], 0.15, [0, 2], 0, 'low', 'high', 'medium'],
  organza: ['organza, netting', [20, 60], 0.1, [0, 5], 0, 'low', 'low', 'high'],
  twill: ['twill, drill', [200, 300], 0.5, [0, 2], 0, 'yes', 'low', 'none', 'woven', 'covered'],
  denim: ['denim', [300, 450], 0.8, [0, 3], 0, 'yes', 'low', 'none'],
  canvas: ['canvas, duck', [300, 600], 0.9, [0, 1], 0, 'yes', 'low', 'none', 'woven', 'covered'],
  coated: ['coated cloth, vinyl, leather', [250, 700], 1.0, [0, 5], 0, 'no', 'high', 'none'],
  'suede-like': ['suede-like microfibre', [180, 300], 0.8, [0, 8], 0.2, 'low', 'medium', 'none'],
  jersey: ['single jersey (tee)', [130, 190], 0.5, [15, 35], 0, 'yes', 'medium', 'medium', 'knit', 'covered'],
  pique: ['pique, interlock (polo)', [180, 240], 0.7, [10, 25], 0, 'yes', 'medium', 'low', 'knit', 'covered'],
  rib: ['rib', [180, 300], 0.9, [40, 90], 0, 'yes', 'medium', 'low', 'knit'],
  performance: ['slick performance knit', [120, 170], 0.4, [20, 50], 0, 'low', 'high', 'medium', 'knit'],
  'infant-jersey': ['infant jersey', [120, 160], 0.45, [20, 40], 0, 'yes', 'medium', 'high', 'knit'],
  sweatshirt: ['sweatshirt fleece', [240, 350], 1.6, [10, 25], 0.5, 'yes', 'low', 'none', 'knit'],
  'polar-fleece': ['polar fleece', [180, 350], 2.5, [15, 30], 2, 'low', 'medium', 'none', 'knit'],
  terry: ['terry', [350, 600], 3.0, [5, 15], 3, 'yes', 'medium', 'none', 'woven', 'covered'],
  waffle: ['waffle', [180, 320], 1.8, [5, 15], 1, 'yes', 'low', 'low', 'woven', 'covered'],
  'velvet-plush': ['velvet, velour, minky, plush', [200, 400], 2.5, [5, 30], 5, 'no', 'high', 'none'],
  'wool-felt': ['wool melton, felt', [250, 500], 2.0, [0, 5], 0.3, 'medium', 'medium', 'none'],
  'chunky-knit': ['chunky or loose knit', [250, 500], 2.5, [30, 80], 1, 'low', 'low', 'medium', 'knit'],
  quilted: ['quilted or padded', [200, 400], 4.0, [0, 5], 0, 'low', 'high', 'none'],
}

const toFacts = ([name, gsm, mm, stretch, pileMm, heat, bruise, seeThrough, make, covered]: Row): FamilyFacts => ({
  name,
  gsm,
  mm,
  stretch,
  pileMm,
  heat,
  bruise,
  seeThrough,
  knit: make === 'knit',
  covered: covered === 'covered',
})

export const clothFamilies = Object.keys(rows) as ClothFamily[]

export const familyFacts: Readonly<Record<ClothFamily, FamilyFacts>> = Object.fromEntries(
  clothFamilies.map((id) => [id, toFacts(rows[id])]),
) as Record<ClothFamily, FamilyFacts>
