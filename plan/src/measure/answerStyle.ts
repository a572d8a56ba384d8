import type { Piece, Shop, TypedLength } from '@thimble/contract'
import type { LengthStyle } from '@thimble/core/lengths'

const INCHES = /["″”'′]|\b(in|inch|inches|ft)\b|\d(in|inch|inches|ft)\b/i
const METRIC = /[a-z]/i

/** The units a length was typed in: those it names, else those meant where none is named. */
const typedIn = ({ text, unit }: TypedLength): 'in' | 'metric' =>
  INCHES.test(text) ? 'in' : METRIC.test(text) ? 'metric' : unit === 'in' ? 'in' : 'metric'

type Measured = Pick<Piece['measure'], 'measures' | 'distances' | 'ownDesign'>

/** Who types every length of a piece in inches is answered in inches, whatever the shop's units are, and the reverse. */
export function answerStyle({ measures, distances, ownDesign }: Measured, shop: Shop): LengthStyle {
  const { unit, fraction } = shop
  const typed = [...Object.values(measures), ...Object.values(distances), ownDesign.width, ownDesign.height]
  const ways = new Set(typed.filter(({ text }) => text.trim() !== '').map(typedIn))
  if (ways.size !== 1 || ways.has(unit === 'in' ? 'in' : 'metric')) return { unit, fraction }
  return { unit: unit === 'in' ? 'mm' : 'in', fraction }
}
