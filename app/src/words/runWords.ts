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
  if (state === 'ready') return 'not started'
  if (state === 'sewing') return 'sewing'
  if (state === 'done') return 'all sewn'
  return why === 'waiting' || why === 'halt' ? 'waiting for you' : 'stopped'
}

/** What is to be done where it stands still, most of it craft.md section 8 and 10. */
export const whatNow: Readonly<Partial<Record<RunEventKind, string>>> = {
  'thread-break':
    'Cut the thread at the spool and pull it out through the needle, not backwards. Rethread with the foot up, and go back a few stitches.',
  'needle-break':
    'Power off. Find every bit of the needle and see what it struck. Fit a new one, fully up. Wear eye protection. Trace before you go on.',
  nest: 'Power off. Cut the nest from below, lift the hoop, rethread with the foot up. Hold the thread end at the start.',
  'bobbin-out': 'Put in a fresh bobbin and go back a few stitches.',
  power: 'The power went off. It continues from the last known stitch.',
  stopped: 'Stopped where you asked.',
}
