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
  /** What this very cloth is beside its family (craft.md section 4, the last paragraph). */
  traits?: readonly ClothTrait[]
}

/** It slips; its pile lies one way; it is of two layers; it is real hide. */
export const clothTraits = ['slips', 'nap', 'layers', 'hide'] as const
export type ClothTrait = (typeof clothTraits)[number]

/** How a cloth's face is made: what swallows stitches, chalk or glue. */
export type Surface = 'smooth' | 'nap' | 'pile' | 'loops' | 'texture' | 'coated'
/** Needle holes stay; water leaves a mark; it slips; it holds no crease; it is wadded; it has ribs; it is made for infants. */
type Trait = 'keeps-holes' | 'water-marks' | 'slick' | 'loose' | 'padded' | 'ridged' | 'infants'

/** A row of craft.md section 4: the range of each number, and how it is made. */
type FamilyFacts = {
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

/** What is not said of a row: a smooth woven without pile. */
const usual = { pileMm: 0, knit: false, surface: 'smooth', traits: [] } as const

function row(
  gsm: readonly [number, number],
  mm: number,
  stretch: readonly [number, number],
  heat: Heat,
  bruise: Bruise,
  seeThrough: SeeThrough,
  seldom: Partial<Pick<FamilyFacts, 'pileMm' | 'knit' | 'surface' | 'traits'>> = {},
): FamilyFacts {
  return { gsm, mm, stretch, heat, bruise, seeThrough, ...usual, ...seldom }
}

/** The columns of craft.md section 4: g/m2, mm, stretch %, heat, bruise, see-through, and what is seldom. */
export const familyFacts: Readonly<Record<ClothFamily, FamilyFacts>> = {
  'quilting-cotton': row([110, 150], 0.25, [0, 2], 'yes', 'low', 'low'),
  lawn: row([60, 110], 0.15, [0, 3], 'medium', 'low', 'high'),
  linen: row([130, 220], 0.35, [0, 3], 'yes', 'medium', 'medium'),
  satin: row([60, 130], 0.15, [0, 2], 'low', 'high', 'medium', {
    traits: ['keeps-holes', 'water-marks', 'slick'],
  }),
  organza: row([20, 60], 0.1, [0, 5], 'low', 'low', 'high'),
  twill: row([200, 300], 0.5, [0, 2], 'yes', 'low', 'none'),
  denim: row([300, 450], 0.8, [0, 3], 'yes', 'low', 'none'),
  canvas: row([300, 600], 0.9, [0, 1], 'yes', 'low', 'none'),
  coated: row([250, 700], 1.0, [0, 5], 'no', 'high', 'none', {
    surface: 'coated',
    traits: ['keeps-holes'],
  }),
  'suede-like': row([180, 300], 0.8, [0, 8], 'low', 'medium', 'none', {
    pileMm: 0.2,
    surface: 'nap',
    traits: ['keeps-holes'],
  }),
  jersey: row([130, 190], 0.5, [15, 35], 'yes', 'medium', 'medium', { knit: true }),
  pique: row([180, 240], 0.7, [10, 25], 'yes', 'medium', 'low', {
    knit: true,
    traits: ['ridged'],
  }),
  rib: row([180, 300], 0.9, [40, 90], 'yes', 'medium', 'low', { knit: true, traits: ['ridged'] }),
  performance: row([120, 170], 0.4, [20, 50], 'low', 'medium', 'medium', {
    knit: true,
    traits: ['slick'],
  }),
  'infant-jersey': row([120, 160], 0.45, [20, 40], 'yes', 'medium', 'high', {
    knit: true,
    traits: ['infants'],
  }),
  sweatshirt: row([240, 350], 1.6, [10, 25], 'yes', 'low', 'none', { pileMm: 0.5, knit: true }),
  'polar-fleece': row([180, 350], 2.5, [15, 30], 'low', 'medium', 'none', {
    pileMm: 2,
    knit: true,
    surface: 'pile',
  }),
  terry: row([350, 600], 3.0, [5, 15], 'yes', 'medium', 'none', { pileMm: 3, surface: 'loops' }),
  waffle: row([180, 320], 1.8, [5, 15], 'yes', 'low', 'low', { pileMm: 1, surface: 'texture' }),
  'velvet-plush': row([200, 400], 2.5, [5, 30], 'no', 'high', 'none', {
    pileMm: 5,
    surface: 'pile',
  }),
  'wool-felt': row([250, 500], 2.0, [0, 5], 'medium', 'medium', 'none', {
    pileMm: 0.3,
    surface: 'nap',
  }),
  'chunky-knit': row([250, 500], 2.5, [30, 80], 'low', 'low', 'medium', {
    pileMm: 1,
    knit: true,
    surface: 'texture',
    traits: ['loose'],
  }),
  quilted: row([200, 400], 4.0, [0, 5], 'low', 'high', 'none', { traits: ['loose', 'padded'] }),
}
