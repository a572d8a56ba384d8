import { things as t } from '@thimble/language/en/things'
import { turnWords } from './turnWords'
import { formatLength, type LengthStyle } from '@thimble/core/lengths'

type Landed = { dx: number | null; dy: number | null; rotation?: number | null }

/** "Landed 2 mm low, 1 mm left, 1.5° clockwise"; empty when it was not measured. */
export function landingText({ dx, dy, rotation = null }: Landed, style: LengthStyle): string {
  if (dx === null && dy === null && rotation === null) return ''
  const part = (mm: number | null, plus: string, minus: string): string | null =>
    mm === null || mm === 0 ? null : `${formatLength(Math.abs(mm), style)} ${mm > 0 ? plus : minus}`
  const turned = rotation ? turnWords(rotation) : null
  const parts = [part(dy, t('landed-low'), t('landed-high')), part(dx, t('right'), t('left')), turned].filter(Boolean)
  return parts.length > 0 ? t('landed', { parts: parts.join(', ') }) : t('landed-on-the-mark')
}
