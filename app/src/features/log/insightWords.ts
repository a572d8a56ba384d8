import type { DriftFrame, DriftOwner } from '@thimble/contract'
import type { LogInsights } from '@thimble/contract/log'
import { ENOUGH } from '@thimble/core/outcomes'

type Landings = LogInsights['landings'][DriftOwner][number]
type Rate = LogInsights['rates']['cloth'][number]
type Trend = LogInsights['trends'][keyof LogInsights['trends']]

export const isEnough = ({ tries }: Pick<Rate, 'tries'>): boolean => tries >= ENOUGH

/** “38 of 41 good”; of few, that they are too few. */
export const rateText = ({ tries, successes }: Pick<Rate, 'tries' | 'successes'>): string =>
  tries < ENOUGH ? `${successes} of ${tries}, too few to say` : `${successes} of ${tries} good`

const percent = (share: number): number => Math.round(share * 100)

/** “Likely 80 to 97 in a hundred”; nothing of few. */
export const likelyText = ({ tries, interval: [low, high] }: Pick<Rate, 'tries' | 'interval'>): string =>
  tries < ENOUGH ? 'too few to say' : `likely ${percent(low)} to ${percent(high)} in a hundred`

/** In millimetres whatever the shop measures in, as the machine’s own display has it. */
export const mm = (value: number): string => `${String(Number(Math.abs(value).toFixed(1)))} mm`

const ownerNames: Readonly<Record<DriftOwner, string>> = {
  hoop: 'this hoop',
  machine: 'this machine',
  holding: 'pieces done like this',
  item: 'this item',
}
function waysOf(frame: DriftFrame, right: number, down: number): string[] {
  const [low, high] = frame === 'hoop' ? ['toward you in the hoop', 'away from you in the hoop'] : ['low', 'high']
  return [
    ...(down === 0 ? [] : [`${mm(down)} ${down > 0 ? low : high}`]),
    ...(right === 0 ? [] : [`${mm(right)} to the ${right > 0 ? 'right' : 'left'}`]),
  ]
}

/** Where they land, and how sure that is, in one sentence that a tired eye takes in. */
export function driftText({ report, frame }: Pick<Landings, 'report' | 'frame'>): string {
  const { n, enough, mean, interval, worthCorrecting, r50, r95 } = report
  if (!enough) return `${n} ${n === 1 ? 'landing' : 'landings'}: too few to say.`
  const [right, down] = [worthCorrecting.dx ? mean.dx : 0, worthCorrecting.dy ? mean.dy : 0]
  const ways = waysOf(frame, right, down)
  if (ways.length === 0) return `No clear drift in ${n} landings: half within ${mm(r50)}, 19 of 20 within ${mm(r95)}.`
  const sure = Math.max(
    ...[worthCorrecting.dx ? interval.dx : null, worthCorrecting.dy ? interval.dy : null].map((range) =>
      range ? (range[1] - range[0]) / 2 : 0,
    ),
  )
  return `It lands ${ways.join(' and ')}, ± ${mm(sure)}.`
}

type Plan = { right: number; down: number; frame: DriftFrame }

/** “Plan 2 mm higher on this hoop”. */
export function planText({ right, down, frame }: Plan, owner: DriftOwner): string {
  const [lower, higher] = frame === 'hoop' ? ['toward you', 'away from you'] : ['lower', 'higher']
  const ways = [
    ...(down === 0 ? [] : [`${mm(down)} ${down > 0 ? lower : higher}`]),
    ...(right === 0 ? [] : [`${mm(right)} to the ${right > 0 ? 'right' : 'left'}`]),
  ]
  return `Plan ${ways.join(' and ')} on ${ownerNames[owner]}`
}

/** Whether something grows or falls a month, as far as the numbers carry it. */
export function trendText(trend: Trend, { more, less, unit }: { more: string; less: string; unit: string }): string {
  if (!trend) return 'Too few to see a trend.'
  if (trend.grows === 0) return 'No clear trend.'
  const [low, high] = trend.interval.map(Math.abs).sort((a, b) => a - b) as [number, number]
  const each = (value: number): string => Number(value.toPrecision(2)).toString()
  return `${trend.grows > 0 ? more : less}: ${each(Math.abs(trend.slope))} ${unit} a month (${each(low)} to ${each(high)}).`
}

/** “Loft machine takes 1.2 times what is forecast, 1.1 to 1.3 for sure, by 12 runs.” */
export function paceText({ name, factor, interval, runs }: Omit<LogInsights['paces'][number], 'id'>): string {
  const between = interval ? `, likely ${interval[0].toFixed(2)} to ${interval[1].toFixed(2)}` : ''
  return `${name} takes ${factor.toFixed(2)} × the estimate${between}, from ${runs} pieces.`
}
