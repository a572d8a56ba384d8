import { formatLength, type LengthStyle } from '@thimble/core/lengths'

/** "Landed 2 mm low, 1 mm left"; empty when it was not measured. */
export function landingText(dx: number | null, dy: number | null, style: LengthStyle): string {
  if (dx === null && dy === null) return ''
  const part = (mm: number | null, plus: string, minus: string): string | null =>
    mm === null || mm === 0 ? null : `${formatLength(Math.abs(mm), style)} ${mm > 0 ? plus : minus}`
  const parts = [part(dy, 'low', 'high'), part(dx, 'right', 'left')].filter(Boolean)
  return parts.length > 0 ? `Landed ${parts.join(', ')}` : 'Landed on the mark'
}
