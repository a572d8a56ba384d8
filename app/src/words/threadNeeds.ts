import type { ThreadPlan } from '@thimble/plan'

/** Under ten with a decimal, else whole. */
export const metresText = (metres: number): string =>
  `${metres < 10 ? Math.round(metres * 10) / 10 : Math.round(metres)} m`

const minutes = (seconds: number): string => {
  const whole = Math.max(1, Math.round(seconds / 60))
  return `${whole} min`
}

/** “About 23 min at Bench machine: 14 min stitching, 5 min changes, 4 min hooping.” */
export function timeText({ time: { seconds, parts }, estimated }: ThreadPlan, machine: string): string {
  const told = [
    [parts.stitching, 'stitching'],
    [parts.changes, 'changing colours'],
    [parts.trims, 'trimming'],
    [parts.hooping, 'hooping'],
  ] as const
  const parted = told.filter(([time]) => time >= 30).map(([time, what]) => `${minutes(time)} ${what}`)
  const from = estimated ? ' Reckoned from the drawing, not counted.' : ''
  return `About ${minutes(seconds)} at ${machine}: ${parted.join(', ')}.${from}`
}
