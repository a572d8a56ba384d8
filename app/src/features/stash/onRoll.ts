import { stash as t } from '@thimble/language/en/stash'
import type { LengthUnit } from '@thimble/core/lengths'
import { readTyped } from '@thimble/plan'

/** Lengths on a roll: a bare number means metres. */
export function readLong(text: string, unit: 'm' | LengthUnit): { mm: number | null; problem: string | null } {
  if (text.trim() === '') return { mm: null, problem: t('type-the-measured-size') }
  if (unit !== 'm') return readTyped({ text, unit })
  const bare = /^[\d.,]+$/.test(text.trim())
  const { mm, problem } = readTyped({ text: bare ? t('mm', { text }) : text, unit: 'mm' })
  if (bare && mm !== null) return { mm: mm * 1000, problem: null }
  const metres = /^([\d.,]+)\s*m\.?$/i.exec(text.trim())
  return metres ? readLong(metres[1] ?? '', 'm') : { mm, problem }
}
