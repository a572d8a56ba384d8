import { problemText } from '@thimble/language'
import { planning as t } from '@thimble/language/en/planning'
import type { TypedLength } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import { parseLength } from '@thimble/core/lengths'

/** What was typed, read: nothing yet, a length in mm, or a sentence about what is wrong with it. */
type Read = { mm: number | null; problem: string | null }

export function readTyped(typed: TypedLength | undefined): Read {
  if (!typed || typed.text.trim() === '') return { mm: null, problem: null }
  try {
    const mm = parseLength(typed.text, typed.unit)
    return mm > 5000 ? { mm: null, problem: t('thats-over-5-metres-measure') } : { mm, problem: null }
  } catch (error) {
    if (error instanceof CoreError) return { mm: null, problem: problemText(error) }
    throw error
  }
}

/** A length that may go either way: a minus in front turns it round; nothing typed is nothing. */
export function readSigned({ text, unit }: TypedLength): Read {
  const minus = /^\s*[-−]/.test(text)
  const { mm, problem } = readTyped({ text: text.replace(/^\s*[-−]/, ''), unit })
  return { mm: problem ? null : (mm ?? 0) * (minus ? -1 : 1), problem }
}

/** A plain number as typed (a percentage, minutes): null when nothing or nothing readable was typed. */
export function readNumber(text: string, most: number): { value: number | null; problem: string | null } {
  const trimmed = text
    .trim()
    .replace(',', '.')
    .replace(/\s*(%|min|minutes)$/i, '')
  if (trimmed === '') return { value: null, problem: null }
  const value = Number(trimmed)
  if (!/^\d*\.?\d+$/.test(trimmed) || value > most)
    return { value: null, problem: t('is-not-a-number-from', { text, most }) }
  return { value, problem: null }
}

const MOST_STITCHES = 500_000

/** A stitch count as people write it, with or without its thousands set apart: null when none can be read. */
export function readCount(text: string): { value: number | null; problem: string | null } {
  const digits = text.replace(/[\s,.']/g, '')
  if (digits === '') return { value: null, problem: null }
  const value = Number(digits)
  if (!/^\d+$/.test(digits) || value < 1 || value > MOST_STITCHES)
    return { value: null, problem: t('is-not-a-stitch-count', { text }) }
  return { value, problem: null }
}
