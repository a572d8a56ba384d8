import { type Cloth, familyFacts } from './clothFacts'

const middle = ([low, high]: readonly [number, number]): number => (low + high) / 2

/** A cloth with the table's values filled in: what it was taken for stays so whatever the table says later. */
export function fullCloth(cloth: Cloth): Required<Cloth> {
  const row = familyFacts[cloth.family]
  const said = Object.fromEntries(Object.entries(cloth).filter(([, value]) => value != null)) as Cloth
  return {
    stretchPercent: middle(row.stretch),
    gsm: middle(row.gsm),
    thicknessMm: row.mm,
    pileMm: row.pileMm,
    heat: row.heat,
    bruise: row.bruise,
    seeThrough: row.seeThrough,
    traits: [],
    ...said,
  }
}
