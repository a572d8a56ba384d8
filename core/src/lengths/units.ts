export const lengthUnits = ['mm', 'cm', 'in'] as const
export type LengthUnit = (typeof lengthUnits)[number]
/** The finest fractions of an inch on a tape. */
export const tapeFractions = [8, 16, 32] as const

/** How lengths are written for one worker: the unit, and for inches the finest fraction of the tape. */
export type LengthStyle = { unit: LengthUnit; fraction?: (typeof tapeFractions)[number] }

export const MM_PER_INCH = 25.4

/** The names a unit goes by in what people write, lower case, with its size in millimetres. */
export const unitNames: Readonly<Record<string, { mm: number; name: 'mm' | 'cm' | 'm' | 'in' | 'ft' }>> = {
  mm: { mm: 1, name: 'mm' },
  cm: { mm: 10, name: 'cm' },
  m: { mm: 1000, name: 'm' },
  in: { mm: MM_PER_INCH, name: 'in' },
  inch: { mm: MM_PER_INCH, name: 'in' },
  inches: { mm: MM_PER_INCH, name: 'in' },
  '"': { mm: MM_PER_INCH, name: 'in' },
  '″': { mm: MM_PER_INCH, name: 'in' },
  '”': { mm: MM_PER_INCH, name: 'in' },
  ft: { mm: 12 * MM_PER_INCH, name: 'ft' },
  "'": { mm: 12 * MM_PER_INCH, name: 'ft' },
  '′': { mm: 12 * MM_PER_INCH, name: 'ft' },
}
