import { joined } from '@thimble/language'
import { log as t } from '@thimble/language/en/log'
import type { DriftFrame, DriftOwner } from '@thimble/contract'
import type { LogInsights } from '@thimble/contract/log'
import { ENOUGH } from '@thimble/core/outcomes'

type Landings = LogInsights['landings'][DriftOwner][number]
type Rate = LogInsights['rates']['cloth'][number]
type Trend = LogInsights['trends'][keyof LogInsights['trends']]

export const isEnough = ({ tries }: Pick<Rate, 'tries'>): boolean => tries >= ENOUGH

/** “38 of 41 good”; of few, that they are too few. */
export const rateText = ({ tries, successes }: Pick<Rate, 'tries' | 'successes'>): string =>
  tries < ENOUGH ? t('of-too-few-to-say', { successes, tries }) : t('of-good', { successes, tries })

const percent = (share: number): number => Math.round(share * 100)

/** “Likely 80 to 97 in a hundred”; nothing of few. */
export const likelyText = ({ tries, interval: [low, high] }: Pick<Rate, 'tries' | 'interval'>): string =>
  tries < ENOUGH ? t('too-few-to-say') : t('likely-to-in-a-hundred', { percent: percent(low), percent2: percent(high) })

/** In millimetres whatever the shop measures in, as the machine’s own display has it. */
export const mm = (value: number): string => t('mm', { one: String(Number(Math.abs(value).toFixed(1))) })

const ownerNames: Readonly<Record<DriftOwner, string>> = {
  hoop: t('this-hoop'),
  machine: t('this-machine'),
  holding: t('pieces-done-like-this'),
  item: t('this-item'),
}
function waysOf(frame: DriftFrame, right: number, down: number): string[] {
  const [low, high] =
    frame === 'hoop' ? [t('toward-you-in-the-hoop'), t('away-from-you-in-the')] : [t('landed-low'), t('landed-high')]
  return [
    ...(down === 0 ? [] : [`${mm(down)} ${down > 0 ? low : high}`]),
    ...(right === 0 ? [] : [t('to-the', { mm: mm(right), which: right > 0 ? t('right') : t('left') })]),
  ]
}

/** Where they land, and how sure that is, in one sentence that a tired eye takes in. */
export function driftText({ report, frame }: Pick<Landings, 'report' | 'frame'>): string {
  const { n, enough, mean, interval, worthCorrecting, r50, r95 } = report
  if (!enough) return t('landing-too-few-to-say', { n })
  const [right, down] = [worthCorrecting.dx ? mean.dx : 0, worthCorrecting.dy ? mean.dy : 0]
  const ways = waysOf(frame, right, down)
  if (ways.length === 0) return t('no-clear-drift-in-landings', { n, mm: mm(r50), mm2: mm(r95) })
  const sure = Math.max(
    ...[worthCorrecting.dx ? interval.dx : null, worthCorrecting.dy ? interval.dy : null].map((range) =>
      range ? (range[1] - range[0]) / 2 : 0,
    ),
  )
  return t('it-lands', { ways: joined(ways), mm: mm(sure) })
}

type Plan = { right: number; down: number; frame: DriftFrame }

/** “Plan 2 mm higher on this hoop”. */
export function planText({ right, down, frame }: Plan, owner: DriftOwner): string {
  const [lower, higher] = frame === 'hoop' ? [t('toward-you'), t('away-from-you')] : [t('lower'), t('higher')]
  const ways = [
    ...(down === 0 ? [] : [`${mm(down)} ${down > 0 ? lower : higher}`]),
    ...(right === 0 ? [] : [t('to-the', { mm: mm(right), which: right > 0 ? t('right') : t('left') })]),
  ]
  return t('plan-on', { ways: joined(ways), ownerNames: ownerNames[owner] })
}

/** Whether something grows or falls a month, as far as the numbers carry it. */
export function trendText(trend: Trend, { more, less, unit }: { more: string; less: string; unit: string }): string {
  if (!trend) return t('too-few-to-see-a')
  if (trend.grows === 0) return t('no-clear-trend')
  const [low, high] = trend.interval.map(Math.abs).sort((a, b) => a - b) as [number, number]
  const each = (value: number): string => Number(value.toPrecision(2)).toString()
  return t('a-month-to', {
    which: trend.grows > 0 ? more : less,
    each: each(Math.abs(trend.slope)),
    unit,
    each2: each(low),
    each3: each(high),
  })
}

/** “Loft machine takes 1.2 times what is forecast, 1.1 to 1.3 for sure, by 12 runs.” */
export function paceText({ name, factor, interval, runs }: Omit<LogInsights['paces'][number], 'id'>): string {
  const between = interval
    ? t('likely-to', { interval: interval[0].toFixed(2), interval2: interval[1].toFixed(2) })
    : ''
  return t('takes-the-estimate-from-pieces', { name, factor: factor.toFixed(2), between, runs })
}
