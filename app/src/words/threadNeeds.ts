import { things as t } from '@thimble/language/en/things'
import type { ColourNeed, ThreadPlan } from '@thimble/plan'

/** Under ten with a decimal, else whole. */
export const metresText = (metres: number): string =>
  `${metres < 10 ? Math.round(metres * 10) / 10 : Math.round(metres)} m`

const minutes = (seconds: number): string => {
  const whole = Math.max(1, Math.round(seconds / 60))
  return t('min', { whole })
}

/** “About 23 min at Bench machine: 14 min stitching, 5 min changes, 4 min hooping.” */
export function timeText({ time: { seconds, parts }, estimated, pace }: ThreadPlan, machine: string): string {
  const told = [
    [parts.stitching, t('time-stitching')],
    [parts.changes, t('changing-colours')],
    [parts.trims, t('time-trimming')],
    [parts.hooping, t('time-hooping')],
  ] as const
  const parted = told.filter(([time]) => time >= 30).map(([time, what]) => `${minutes(time)} ${what}`)
  const from = estimated ? t('estimated-from-the-drawing') : ''
  return t('about-at', {
    minutes: minutes(seconds),
    machine,
    parted: parted.join(', '),
    from,
    which: pace ? ` ${paceText(pace, seconds - parts.hooping)}` : '',
  })
}

/** How far the minutes at the machine may be off, by its own runs. */
function paceText({ runs, factor, interval }: NonNullable<ThreadPlan['pace']>, sewing: number): string {
  const [low, high] = (interval ?? [factor, factor]).map((end) => minutes((sewing / factor) * Math.max(0, end)))
  const between =
    low === high ? t('about-2', { low: String(low) }) : t('likely-to', { low: String(low), high: String(high) })
  return t('based-on-its-last-pieces', { runs, between })
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
  const by = t('by-one-weighing-by-weighings', { weighings })
  const within = interval
    ? t('between-and-19-times-out', {
        twoDecimals: twoDecimals(Math.max(0, interval[0])),
        twoDecimals2: twoDecimals(interval[1]),
      })
    : t('weigh-another-spool-twice-to')
  return t('the-forecast', { twoDecimals: twoDecimals(factor), by, within })
}

export const reckonedText = (factor: number): string => t('thread-is-worked-out-from', { factor })

/** A colour against the spools: what is there, and what of it other pieces will take. */
export function colourNeedText(
  { thread, metres, leftM }: ColourNeed,
  spokenFor: number,
): { says: string; short: boolean } {
  if (!thread) return { says: t('not-in-the-stash'), short: false }
  if (leftM === null) return { says: t('stock-unknown-weigh-the-spool'), short: false }
  const left = Math.max(0, leftM)
  const others = spokenFor > 0 ? t('of-it-for-other-pieces', { metres: metresText(spokenFor) }) : ''
  const free = left - spokenFor
  if (free >= metres) return { says: t('enough-left', { metres: metresText(left), others }), short: false }
  return {
    says: t('short-by-left', { metres: metresText(metres - Math.max(0, free)), metres2: metresText(left), others }),
    short: true,
  }
}
