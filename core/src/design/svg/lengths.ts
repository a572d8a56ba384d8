import { message } from '../../messages/message'
import { badSvg } from './parseXml'

/** What a length is measured against: the viewport's size in user units, and how many of them make an inch. */
export type LengthFrame = { width: number; height: number; perInch: number }

const LENGTH = /^\s*([+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)\s*(mm|cm|in|pt|pc|px|q|em|rem|ex|%)?\s*$/i
const EM_PX = 16

const perInch: Record<string, number> = { mm: 25.4, cm: 2.54, in: 1, pt: 72, pc: 6, q: 101.6 }

/**
 * A length in user units; percentages of the viewport's width, height or diagonal.
 *
 * @throws CoreError('bad-svg') when it is no length
 */
export function userUnits(text: string, frame: LengthFrame, along: 'width' | 'height' | 'diagonal'): number {
  const match = LENGTH.exec(text)
  if (!match) throw badSvg(message('problem.is-not-a-length', { text: text.slice(0, 40) }))
  const value = Number(match[1])
  const unit = (match[2] ?? 'px').toLowerCase()
  if (unit === '%') {
    const whole = along === 'diagonal' ? Math.hypot(frame.width, frame.height) / Math.SQRT2 : frame[along]
    return (value / 100) * whole
  }
  if (unit === 'em' || unit === 'rem') return value * EM_PX
  if (unit === 'ex') return (value * EM_PX) / 2
  return perInch[unit] ? (value * frame.perInch) / perInch[unit] : value
}

const NUMBER = /[+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?/gi

/**
 * A list of numbers, parted by spaces or commas or by nothing where a sign or a second point begins the next: `1-2.5.5`.
 *
 * @throws CoreError('bad-svg')
 */
export function numbersIn(text: string): number[] {
  const numbers = (text.match(NUMBER) ?? []).map(Number)
  if (/[^\s,]/.test(text.replace(NUMBER, ' ')) || !numbers.every(Number.isFinite))
    throw badSvg(message('problem.is-not-a-list-of', { text: text.slice(0, 40) }))
  return numbers
}
