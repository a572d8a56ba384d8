import { readNumber } from '../measure/readTyped'

const MOST = 200
/** Of 4 inches. */
const SIXTEENTHS = 64
const IN_SIXTEENTHS = /^(.*)\/16$/

const percentOf = (sixteenths: number): number => (sixteenths / SIXTEENTHS) * 100
const fine = (value: number): string => String(Math.round(value * 10) / 10)

/** The stretch in percent of what was typed: millimetres over 100, or sixteenths over 4 inches ("6/16"). */
export function readStretch(text: string): { value: number | null; problem: string | null } {
  const inches = IN_SIXTEENTHS.exec(text.trim())
  if (!inches) return readNumber(text, MOST)
  const { value, problem } = readNumber(inches[1]!, (MOST * SIXTEENTHS) / 100)
  return { value: value === null ? null : percentOf(value), problem }
}

/** The pull test as it is asked: millimetres over 100 mm, or sixteenths of an inch over 4 inches. */
export function pullTest(text: string, inches: boolean) {
  const { value, problem } = readStretch(text)
  const typedSo = IN_SIXTEENTHS.exec(text.trim())
  const write = (percent: number): string => (inches ? String(Math.round((percent * SIXTEENTHS) / 100)) : fine(percent))
  const asTyped = inches ? typedSo?.[1] : typedSo ? undefined : text
  return {
    problem,
    shown: asTyped ?? (value === null ? '' : write(value)),
    write,
    typed: (shown: string): string => (inches && shown.trim() ? `${shown.trim()}/16` : shown),
  }
}
