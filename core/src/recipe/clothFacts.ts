export const clothFamilies = [
  'quilting-cotton',
  'lawn',
  'linen',
  'satin',
  'organza',
  'twill',
  'denim',
  'canvas',
  'coated',
  'suede-like',
  'jersey',
  'pique',
  'rib',
  'performance',
  'infant-jersey',
  'sweatshirt',
  'polar-fleece',
  'terry',
  'waffle',
  'velvet-plush',
  'wool-felt',
  'chunky-knit',
  'quilted',
] as const
export type ClothFamily = (typeof clothFamilies)[number]
export const heats = ['yes', 'medium', 'low', 'no'] as const
export type Heat = (typeof heats)[number]
export const bruises = ['low', 'medium', 'high'] as const
export type Bruise = (typeof bruises)[number]
export const seeThroughs = ['none', 'low', 'medium', 'high'] as const
export type SeeThrough = (typeof seeThroughs)[number]

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

/** How a cloth's face is made: what swallows stitches, chalk or glue. */
export type Surface = 'smooth' | 'nap' | 'pile' | 'loops' | 'texture' | 'coated'
/** Needle holes stay; water leaves a mark; it slips; it holds no crease; it is wadded. */
type Trait = 'keeps-holes' | 'water-marks' | 'slick' | 'loose' | 'padded'

/** A row of craft.md section 4: the range of each number, and how it is made. */
type FamilyFacts = {
  name: string
  gsm: readonly [number, number]
  mm: number
  stretch: readonly [number, number]
  pileMm: number
  heat: Heat
  bruise: Bruise
  seeThrough: SeeThrough
  knit: boolean
  surface: Surface
  traits: readonly Trait[]
}

type Seldom = 'pileMm' | 'knit' | 'surface' | 'traits'
/** A cloth as the table has it: what is not said is a smooth woven without pile. */
type Row = Omit<FamilyFacts, Seldom> & Partial<Pick<FamilyFacts, Seldom>>

const rows: Record<ClothFamily, Row> = {
  'quilting-cotton': {
    name: 'quilting cotton, poplin',
    gsm: [110, 150],
    mm: 0.25,
    stretch: [0, 2],
    heat: 'yes',
    bruise: 'low',
    seeThrough: 'low',
  },
  lawn: {
    name: 'lawn, voile, dress weight',
    gsm: [60, 110],
    mm: 0.15,
    stretch: [0, 3],
    heat: 'medium',
    bruise: 'low',
    seeThrough: 'high',
  },
  linen: {
    name: 'linen',
    gsm: [130, 220],
    mm: 0.35,
    stretch: [0, 3],
    heat: 'yes',
    bruise: 'medium',
    seeThrough: 'medium',
  },
  satin: {
    name: 'satin, taffeta, silk',
    gsm: [60, 130],
    mm: 0.15,
    stretch: [0, 2],
    heat: 'low',
    bruise: 'high',
    seeThrough: 'medium',
    traits: ['water-marks', 'slick'],
  },
  organza: {
    name: 'organza, netting',
    gsm: [20, 60],
    mm: 0.1,
    stretch: [0, 5],
    heat: 'low',
    bruise: 'low',
    seeThrough: 'high',
  },
  twill: {
    name: 'twill, drill',
    gsm: [200, 300],
    mm: 0.5,
    stretch: [0, 2],
    heat: 'yes',
    bruise: 'low',
    seeThrough: 'none',
  },
  denim: { name: 'denim', gsm: [300, 450], mm: 0.8, stretch: [0, 3], heat: 'yes', bruise: 'low', seeThrough: 'none' },
  canvas: {
    name: 'canvas, duck',
    gsm: [300, 600],
    mm: 0.9,
    stretch: [0, 1],
    heat: 'yes',
    bruise: 'low',
    seeThrough: 'none',
  },
  coated: {
    name: 'coated cloth, vinyl, leather',
    gsm: [250, 700],
    mm: 1.0,
    stretch: [0, 5],
    heat: 'no',
    bruise: 'high',
    seeThrough: 'none',
    surface: 'coated',
    traits: ['keeps-holes'],
  },
  'suede-like': {
    name: 'suede-like microfibre',
    gsm: [180, 300],
    mm: 0.8,
    stretch: [0, 8],
    heat: 'low',
    bruise: 'medium',
    seeThrough: 'none',
    pileMm: 0.2,
    surface: 'nap',
    traits: ['keeps-holes'],
  },
  jersey: {
    name: 'single jersey (tee)',
    gsm: [130, 190],
    mm: 0.5,
    stretch: [15, 35],
    heat: 'yes',
    bruise: 'medium',
    seeThrough: 'medium',
    knit: true,
  },
  pique: {
    name: 'pique, interlock (polo)',
    gsm: [180, 240],
    mm: 0.7,
    stretch: [10, 25],
    heat: 'yes',
    bruise: 'medium',
    seeThrough: 'low',
    knit: true,
  },
  rib: {
    name: 'rib',
    gsm: [180, 300],
    mm: 0.9,
    stretch: [40, 90],
    heat: 'yes',
    bruise: 'medium',
    seeThrough: 'low',
    knit: true,
  },
  performance: {
    name: 'slick performance knit',
    gsm: [120, 170],
    mm: 0.4,
    stretch: [20, 50],
    heat: 'low',
    bruise: 'high',
    seeThrough: 'medium',
    knit: true,
    traits: ['slick'],
  },
  'infant-jersey': {
    name: 'infant jersey',
    gsm: [120, 160],
    mm: 0.45,
    stretch: [20, 40],
    heat: 'yes',
    bruise: 'medium',
    seeThrough: 'high',
    knit: true,
  },
  sweatshirt: {
    name: 'sweatshirt fleece',
    gsm: [240, 350],
    mm: 1.6,
    stretch: [10, 25],
    heat: 'yes',
    bruise: 'low',
    seeThrough: 'none',
    pileMm: 0.5,
    knit: true,
  },
  'polar-fleece': {
    name: 'polar fleece',
    gsm: [180, 350],
    mm: 2.5,
    stretch: [15, 30],
    heat: 'low',
    bruise: 'medium',
    seeThrough: 'none',
    pileMm: 2,
    knit: true,
    surface: 'pile',
  },
  terry: {
    name: 'terry',
    gsm: [350, 600],
    mm: 3.0,
    stretch: [5, 15],
    heat: 'yes',
    bruise: 'medium',
    seeThrough: 'none',
    pileMm: 3,
    surface: 'loops',
  },
  waffle: {
    name: 'waffle',
    gsm: [180, 320],
    mm: 1.8,
    stretch: [5, 15],
    heat: 'yes',
    bruise: 'low',
    seeThrough: 'low',
    pileMm: 1,
    surface: 'texture',
  },
  'velvet-plush': {
    name: 'velvet, velour, minky, plush',
    gsm: [200, 400],
    mm: 2.5,
    stretch: [5, 30],
    heat: 'no',
    bruise: 'high',
    seeThrough: 'none',
    pileMm: 5,
    surface: 'pile',
  },
  'wool-felt': {
    name: 'wool melton, felt',
    gsm: [250, 500],
    mm: 2.0,
    stretch: [0, 5],
    heat: 'medium',
    bruise: 'medium',
    seeThrough: 'none',
    pileMm: 0.3,
    surface: 'nap',
  },
  'chunky-knit': {
    name: 'chunky or loose knit',
    gsm: [250, 500],
    mm: 2.5,
    stretch: [30, 80],
    heat: 'low',
    bruise: 'low',
    seeThrough: 'medium',
    pileMm: 1,
    knit: true,
    surface: 'texture',
    traits: ['loose'],
  },
  quilted: {
    name: 'quilted or padded',
    gsm: [200, 400],
    mm: 4.0,
    stretch: [0, 5],
    heat: 'low',
    bruise: 'high',
    seeThrough: 'none',
    traits: ['loose', 'padded'],
  },
}

const usual = { pileMm: 0, knit: false, surface: 'smooth', traits: [] } as const

export const familyFacts: Readonly<Record<ClothFamily, FamilyFacts>> = Object.fromEntries(
  clothFamilies.map((id) => [id, { ...usual, ...rows[id] }]),
) as Record<ClothFamily, FamilyFacts>
