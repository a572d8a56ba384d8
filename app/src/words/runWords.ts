import { things as t } from '@thimble/language/en/things'
import type { RunEventKind } from '@thimble/contract'
import type { StitchingProgress } from '@thimble/plan/stitching'

/** “11:40”, from an hour on “1:02:05”. */
export function clockText(seconds: number): string {
  const whole = Math.max(0, Math.round(seconds))
  const [h, m, s] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60, whole % 60]
  const two = (n: number): string => String(n).padStart(2, '0')
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`
}

/** What a run does this moment, in a word. */
export function stateWord({ state, why }: Pick<StitchingProgress, 'state' | 'why'>): string {
  if (state === 'ready') return t('not-started')
  if (state === 'sewing') return t('sewing')
  if (state === 'done') return t('all-sewn-2')
  return why === 'waiting' || why === 'halt' ? t('waiting-for-you') : t('stopped-2')
}

/** What is to be done where it stands still, most of it craft.md section 8 and 10. */
export const whatNow: Readonly<Partial<Record<RunEventKind, string>>> = {
  'thread-break': t('cut-the-thread-at-the'),
  'needle-break': t('power-off-find-every-bit'),
  nest: t('power-off-cut-the-nest'),
  'bobbin-out': t('put-in-a-fresh-bobbin'),
  power: t('the-power-went-off-it'),
  stopped: t('stopped-where-you-asked'),
}
