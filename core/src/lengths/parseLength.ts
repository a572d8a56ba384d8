import { type Message, message } from '../messages/message'
import { CoreError } from '../errors'
import { type LengthUnit, unitNames } from './units'

const VULGAR = '\u00bc-\u00be\u2150-\u215e\u2189'
const DECIMAL = /^(?:\d+(?:[.,]\d*)?|[.,]\d+)/
const FRACTION = /^(\d+)\s*[/\u2044]\s*(\d+)(?![.,]?\d)/
const MIXED_JOINT = /^(?:\s*[-\u2010\u2011\u2013]\s*|\s+|(?=[\u00bc-\u00be\u2150-\u215e\u2189]))/
const UNIT = /^\s*([a-z]+|["″”'′])\s*/i

type Read = { value: number; rest: string }

/**
 * Reads a length as people write it and returns millimetres.
 *
 * Takes `7`, `.5`, `7.25`, `7,25`, `7 1/4`, `7-1/4`, `7¼`, `1/2`, each with an optional unit (mm, cm, m, in,
 * inch, inches, ", ft, ') in any case with an optional full stop, and feet followed by inches. Without a unit,
 * `unit` is meant. Rule: core.md section 3.
 *
 * @throws CoreError('bad-length') for anything else: empty, negative, two numbers, an exponent, an unknown unit,
 *   an improper fraction or a zero denominator. The message repeats the text.
 * @example parseLength('21 1/4 in', 'mm') // 539.75
 */
export function parseLength(text: string, unit: LengthUnit): number {
  const fail = (why: Message): never => {
    throw new CoreError('bad-length', message('problem.is-not-a-length-2', { text, why }))
  }
  const line = text.trim()
  if (line === '') return fail(message('problem.type-a-number-such-as'))
  if (/^[-\u2010-\u2015\u2212]/.test(line)) return fail(message('problem.a-measurement-cant-be-negative'))

  const first = readNumber(line, fail)
  const named = readUnit(first.rest, fail)
  if (named === null) return finite(first.value * unitNames[unit]!.mm, fail)

  const mm = first.value * named.mm
  if (named.rest === '') return finite(mm, fail)
  if (named.name !== 'ft') return fail(message('problem.it-holds-two-numbers'))

  const second = readNumber(named.rest, fail)
  const inch = readUnit(second.rest, fail)
  if (inch !== null && (inch.name !== 'in' || inch.rest !== ''))
    return fail(message('problem.only-inches-can-follow-feet'))
  return finite(mm + second.value * unitNames.in!.mm, fail)
}

function finite(mm: number, fail: (why: Message) => never): number {
  return Number.isFinite(mm) ? mm : fail(message('problem.the-number-is-too-large'))
}

function readNumber(text: string, fail: (why: Message) => never): Read {
  const alone = readFraction(text, fail)
  if (alone) return alone
  const whole = DECIMAL.exec(text)
  if (!whole) return fail(message('problem.it-doesnt-start-with-a'))
  const value = Number(whole[0].replace(',', '.'))
  const rest = text.slice(whole[0].length)
  if (/[.,]$/.test(whole[0]) && /^\s*[.,]/.test(rest)) return fail(message('problem.it-has-one-point-too'))
  const joint = MIXED_JOINT.exec(rest)
  const part = joint && readFraction(rest.slice(joint[0].length), fail)
  if (!part) return { value, rest }
  if (!/^\d+$/.test(whole[0])) return fail(message('problem.a-fraction-can-only-follow'))
  return { value: value + part.value, rest: part.rest }
}

function readFraction(text: string, fail: (why: Message) => never): Read | null {
  const vulgar = new RegExp(`^[${VULGAR}]`).exec(text)
  const plain = vulgar ? vulgar[0].normalize('NFKD') : text
  const found = FRACTION.exec(plain)
  if (!found) return vulgar ? fail(message('problem.the-fraction-cant-be-read')) : null
  const [over, under] = [Number(found[1]), Number(found[2])]
  if (under === 0) return fail(message('problem.a-fraction-cant-have-zero'))
  if (over >= under) return fail(message('problem.the-fraction-part-must-be'))
  return { value: over / under, rest: text.slice(vulgar ? vulgar[0].length : found[0].length) }
}

function readUnit(text: string, fail: (why: Message) => never): { mm: number; name: string; rest: string } | null {
  if (/^\s*\.?$/.test(text)) return null
  const found = UNIT.exec(text)
  if (!found) return fail(message('problem.it-holds-two-numbers'))
  const known = unitNames[found[1]!.toLowerCase()]
  if (!known) return fail(message('problem.is-not-a-unit-use', { found: String(found[1]) }))
  const rest = text.slice(found[0].length).replace(/^\.\s*/, '')
  return { ...known, rest: rest.trimStart() }
}
