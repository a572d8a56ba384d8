import { message } from '../messages/message'
import { CoreError } from '../errors'
import { type LengthStyle, MM_PER_INCH } from './units'

/** Rounds halves away from zero; the grain of 1e-9 takes up what binary fractions lose. */
function roundAway(value: number): number {
  const size = Math.floor(Math.abs(value) + 0.5 + 1e-9)
  return size === 0 ? 0 : Math.sign(value) * size
}

function greatestCommon(a: number, b: number): number {
  return b === 0 ? a : greatestCommon(b, a % b)
}

/**
 * The millimetres that the written length really stands for: what is left of `mm` after rounding to the tape.
 * @example roundToTape(190, { unit: 'in' }) // 190.5, that is 7 1/2"
 */
export function roundToTape(mm: number, style: LengthStyle): number {
  if (style.unit !== 'in') return roundAway(mm)
  const parts = style.fraction ?? 8
  return (roundAway((mm / MM_PER_INCH) * parts) / parts) * MM_PER_INCH
}

/**
 * The largest length the tape can show that is not over `mm`: for room that must not be promised.
 * @example roundDownToTape(8, { unit: 'in' }) // 6.35, that is 1/4"
 */
export function roundDownToTape(mm: number, style: LengthStyle): number {
  const mark = style.unit === 'in' ? MM_PER_INCH / (style.fraction ?? 8) : 1
  return Math.floor(mm / mark + 1e-9) * mark
}

/**
 * The least length the tape can show that is not under `mm`: for what must be reached.
 * @example roundUpToTape(8, { unit: 'in' }) // 9.525, that is 3/8"
 */
export function roundUpToTape(mm: number, style: LengthStyle): number {
  const mark = style.unit === 'in' ? MM_PER_INCH / (style.fraction ?? 8) : 1
  return Math.ceil(mm / mark - 1e-9) * mark
}

/**
 * Writes a length for a person: whole millimetres, centimetres to one place, or inches in lowest terms.
 * Halves round away from zero. Rule: core.md section 3.
 *
 * @param mm the length in millimetres, may be negative
 * @throws CoreError('bad-length') for NaN or infinity
 * @example formatLength(184.15, { unit: 'in' }) // 7 1/4"
 */
export function formatLength(mm: number, style: LengthStyle): string {
  if (!Number.isFinite(mm)) throw new CoreError('bad-length', message('problem.length-not-written', { mm: String(mm) }))
  if (style.unit === 'mm') return `${roundAway(mm)} mm`
  if (style.unit === 'cm') return `${roundAway(mm) / 10} cm`
  const parts = style.fraction ?? 8
  const total = roundAway((mm / MM_PER_INCH) * parts)
  const whole = Math.trunc(Math.abs(total) / parts)
  const over = Math.abs(total) % parts
  const sign = total < 0 ? '-' : ''
  if (over === 0) return `${sign}${whole}"`
  const shared = greatestCommon(over, parts)
  return `${sign}${whole > 0 ? `${whole} ` : ''}${over / shared}/${parts / shared}"`
}

/**
 * Writes a length finer than a tape has it, as a stitch or what rounding loses: a tenth of a millimetre, or a hundredth
 * of an inch.
 *
 * @example formatFine(3.46, { unit: 'mm' }) // 3.5 mm
 */
export function formatFine(mm: number, { unit }: LengthStyle): string {
  return unit === 'in' ? `${(mm / MM_PER_INCH).toFixed(2)}"` : `${mm.toFixed(1)} mm`
}
