import type { ColourNeed, ThreadPlan } from '@thimble/plan'

/** Under ten with a decimal, else whole. */
export const metresText = (metres: number): string =>
  `${metres < 10 ? Math.round(metres * 10) / 10 : Math.round(metres)} m`

const minutes = (seconds: number): string => {
  const whole = Math.max(1, Math.round(seconds / 60))
  return `${whole} min`
}

/** “About 23 min at Bench machine: 14 min stitching, 5 min changes, 4 min hooping.” */
export function timeText({ time: { seconds, parts }, estimated, pace }: ThreadPlan, machine: string): string {
  const told = [
    [parts.stitching, 'stitching'],
    [parts.changes, 'changing colours'],
    [parts.trims, 'trimming'],
    [parts.hooping, 'hooping'],
  ] as const
  const parted = told.filter(([time]) => time >= 30).map(([time, what]) => `${minutes(time)} ${what}`)
  const from = estimated ? ' Estimated from the drawing.' : ''
  return `About ${minutes(seconds)} at ${machine}: ${parted.join(', ')}.${from}${pace ? ` ${paceText(pace, seconds - parts.hooping)}` : ''}`
}

/** How far the minutes at the machine may be off, by its own runs. */
function paceText({ runs, factor, interval }: NonNullable<ThreadPlan['pace']>, sewing: number): string {
  const [low, high] = (interval ?? [factor, factor]).map((end) => minutes((sewing / factor) * Math.max(0, end)))
  const between = low === high ? `about ${low}` : `likely ${low} to ${high}`
  return `Based on its last ${runs} pieces; ${between} of sewing.`
}

const twoDecimals = (value: number): string => value.toFixed(2)

/** “1.08 times the forecast, 1.02 to 1.15 for certain, by 4 weighings.” */
export function factorText({
  factor,
  interval,
  weighings,
}: {
  factor: number
  interval: [number, number] | null
  weighings: number
}): string {
  const by = weighings === 1 ? 'by one weighing' : `by ${weighings} weighings`
  const within = interval
    ? `between ${twoDecimals(Math.max(0, interval[0]))} and ${twoDecimals(interval[1])}, 19 times out of 20`
    : 'weigh another spool twice to see how certain that is'
  return `${twoDecimals(factor)} × the forecast, ${by}: ${within}.`
}

export const reckonedText = (factor: number): string =>
  factor === 1 ? 'Thread is worked out from the forecast alone.' : `Thread is worked out as ${factor} × the forecast.`

/** A colour against the spools: what is there, and what of it other pieces will take. */
export function colourNeedText(
  { thread, metres, leftM }: ColourNeed,
  spokenFor: number,
): { says: string; short: boolean } {
  if (!thread) return { says: 'Not in the stash.', short: false }
  if (leftM === null) return { says: 'Stock unknown: weigh the spool.', short: false }
  const left = Math.max(0, leftM)
  const others = spokenFor > 0 ? `, ${metresText(spokenFor)} of it for other pieces` : ''
  const free = left - spokenFor
  if (free >= metres) return { says: `Enough: ${metresText(left)} left${others}.`, short: false }
  return { says: `Short by ${metresText(metres - Math.max(0, free))}: ${metresText(left)} left${others}.`, short: true }
}
