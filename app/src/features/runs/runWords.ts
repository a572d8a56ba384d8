import type { Change, KindCut, OrderOfWork, RunThread, ThreadOfRun } from '@thimble/plan/order'
import { needleText } from '@/words/stackWords'
import { metresText } from '@/words/threadNeeds'

/** “24 min”, “2 h 5 min”; under a minute and a half with its half. */
export function minutesText(minutes: number): string {
  if (minutes < 1.25 && minutes > 0) return minutes < 0.75 ? 'half a min' : '1 min'
  const whole = Math.round(minutes)
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`
}

/** What this order saves against the pieces as they came in, and how good it is. */
export function savingText({ seconds, typedSeconds, leastSeconds, optimal }: OrderOfWork): string {
  const saved = typedSeconds - seconds
  const first =
    saved >= 30 ? `${minutesText(saved / 60)} less of changing than as they came in` : 'As they came in is as good'
  if (optimal) return `${first}; the least there is.`
  const over = leastSeconds > 0 ? Math.ceil((seconds / leastSeconds - 1) * 100) : 0
  return `${first}; within ${over} % of what nothing can beat.`
}

export const wholeText = ({ minutes, seconds, steps }: OrderOfWork): string =>
  `${minutesText(minutes)} in all for ${steps.length === 1 ? 'one piece' : `${steps.length} pieces`}, ${minutesText(seconds / 60)} of it changing.`

/** What is changed before a piece, in the hand's order. */
export function changeText({ hoop, needle, threads }: Change, first: boolean): string {
  const parts = [
    hoop,
    needle && `needle ${needleText({ ...needle, coated: false })}`,
    threads.length > 0 ? `thread ${threads.join(', ')}` : null,
  ].filter(Boolean)
  return `${first ? 'Set up' : 'Change'}: ${parts.join('; ')}`
}

/** “12 m, enough”, “30 m, 4.2 m short”. */
export function threadText({ metres, missing }: RunThread): string {
  if (missing === null) return `${metresText(metres)}; what is there is not known`
  return `${metresText(metres)}, ${missing > 0 ? `${metresText(missing)} short` : 'enough'}`
}

export function bobbinText({ bobbinMetres, fresh }: ThreadOfRun): string {
  const much = `Bobbin thread ${metresText(bobbinMetres)}`
  if (fresh === null) return `${much}; how much a bobbin holds is not known.`
  if (fresh === 0) return `${much}: the bobbin that is in lasts.`
  return `${much}: wind ${fresh === 1 ? 'one bobbin' : `${fresh} bobbins`} before the start.`
}

const metres = (mm: number): string => `${(mm / 1000).toFixed(2)} m`

/** “Mesh, white, 500 wide: 0.58 m of 4 m.” */
export const usedText = ({ name, widthMm, lengthMm }: KindCut['rolls'][number], used: number): string =>
  `${name}, ${Math.round(widthMm)} wide: ${metres(used)} of ${metres(lengthMm)}.`

export const wasteText = (waste: number): string => `${Math.round(waste * 100)} % of what is cut off is lost.`

/** “3 pieces of 174 × 190 mm are missing: buy it, or build them otherwise.” */
export const missingText = ({ widthMm, heightMm, count }: KindCut['missing'][number]): string =>
  `${count} of ${Math.round(widthMm)} × ${Math.round(heightMm)} mm ${count === 1 ? 'does' : 'do'} not go in: buy more of it.`
