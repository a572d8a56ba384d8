import type { Piece, Shop, TypedLength } from '@thimble/contract'
import type { LengthStyle } from '@thimble/core/lengths'

const INCHES = /["″”'′]|\b(in|inch|inches|ft)\b|\d(in|inch|inches|ft)\b/i
const METRIC = /[a-z]/i

/** The units a length names; null: it names none, and is in the shop’s. */
const named = ({ text }: TypedLength): 'in' | 'metric' | null =>
  INCHES.test(text) ? 'in' : METRIC.test(text) ? 'metric' : null

type Measured = Pick<Piece['measure'], 'measures' | 'distances' | 'ownDesign'>

/** A piece is answered in the shop’s units, or in those that most of its lengths were typed in; a 0 is in none. */
export function answerStyle({ measures, distances, ownDesign }: Measured, shop: Shop): LengthStyle {
  const { unit, fraction } = shop
  const typed = [...Object.values(measures), ...Object.values(distances), ownDesign.width, ownDesign.height]
  const lengths = typed.filter(({ text }) => /[1-9]/.test(text))
  const others = lengths.filter((one) => named(one) === (unit === 'in' ? 'metric' : 'in')).length
  if (2 * others <= lengths.length) return { unit, fraction }
  return { unit: unit === 'in' ? 'mm' : 'in', fraction }
}
