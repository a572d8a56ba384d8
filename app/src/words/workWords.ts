import type {
  Change,
  CutRoll,
  KindCut,
  WorkSequence,
  BatchThread,
  ThreadOfBatch,
  WallTime,
  WorkStep,
} from '@thimble/plan/schedule'
import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays'
import { parseISO } from 'date-fns/parseISO'
import { dayText as dateText, longWeekdayText } from './dates'
import { needleText } from '@/words/stackWords'
import { metresText } from '@/words/threadNeeds'

/** “24 min”, “2 h 5 min”; under a minute and a half with its half. */
export function minutesText(minutes: number): string {
  if (minutes < 1.25 && minutes > 0) return minutes < 0.75 ? 'half a min' : '1 min'
  const whole = Math.round(minutes)
  if (whole < 60) return `${whole} min`
  return whole % 60 === 0 ? `${whole / 60} h` : `${Math.floor(whole / 60)} h ${whole % 60} min`
}

/** Under this nobody would put pieces in another order. */
const WORTH_SECONDS = 60

/** What this order saves against the pieces as they came in, and how good it is. */
export function savingText({ seconds, typedSeconds, leastSeconds, optimal }: WorkSequence): string {
  const saved = typedSeconds - seconds
  const first =
    saved >= WORTH_SECONDS
      ? `${minutesText(saved / 60)} less changing than as entered`
      : saved <= -WORTH_SECONDS
        ? `${minutesText(-saved / 60)} more changing than as entered, so less is late`
        : optimal
          ? ''
          : 'About as much changing as entered'
  const late = seconds > leastSeconds + 1 ? ' with the least late' : ''
  if (optimal) return first ? `${first}; the fewest possible${late}.` : `Already the fewest changes${late}.`
  const over = leastSeconds > 0 ? Math.ceil((seconds / leastSeconds - 1) * 100) : 0
  return `${first}; within ${over} % of the best possible.`
}

/** What a hand’s order costs beside the one that is worked out. */
export function byHandText({ seconds, bestSeconds }: WorkSequence): string {
  const more = seconds - (bestSeconds ?? seconds)
  if (more >= WORTH_SECONDS) return `As you put them: ${minutesText(more / 60)} more changing than the suggested order.`
  return more <= -WORTH_SECONDS
    ? `As you put them: ${minutesText(-more / 60)} less changing than the suggested order, where less is late.`
    : 'As you put them: about as much changing as the suggested order.'
}

/** “3 h 12 min sewing, 48 min hooping, 48 min finishing, 12 min changing.” */
export const partsText = ({ by, seconds }: WorkSequence): string =>
  `${minutesText(by.stitching)} sewing, ${minutesText(by.hooping)} hooping, ${minutesText(by.finishing)} finishing, ${minutesText(seconds / 60)} changing.`

export const wholeText = ({ minutes, seconds, steps }: WorkSequence): string =>
  `${minutesText(minutes)} in all for ${steps.length === 1 ? 'one piece' : `${steps.length} pieces`}, ${minutesText(seconds / 60)} of it changing.`

/** What is changed before a piece, in the hand's order. */
export function changeText({ hoop, hoopless, needle, threads }: Change, first: boolean): string {
  const parts = [
    hoopless ? 'a hoop, and none here fits yet' : hoop,
    needle && `needle ${needleText({ ...needle, coated: false })}`,
    threads.length > 0 ? `thread ${threads.join(', ')}` : null,
  ].filter(Boolean)
  return `${first ? 'Set up' : 'Change'}: ${parts.join('; ')}`
}

/** “12 m, enough”, “30 m, 4.2 m short”. */
export function threadText({ metres, missing }: BatchThread): string {
  if (missing === null) return `${metresText(metres)}; stock not counted`
  return `${metresText(metres)}, ${missing > 0 ? `${metresText(missing)} short` : 'enough'}`
}

export function bobbinText({ bobbinMetres, fresh }: ThreadOfBatch): string {
  const much = `Bobbin thread ${metresText(bobbinMetres)}`
  if (fresh === null) return `${much}; a bobbin’s length is unknown.`
  if (fresh === 0) return `${much}: the bobbin in the machine lasts.`
  return `${much}: wind ${fresh === 1 ? 'one bobbin' : `${fresh} bobbins`} before you start.`
}

const metres = (mm: number): string => `${(mm / 1000).toFixed(2)} m`

/** “Mesh, white, 500 wide: 0.58 m of 4 m.” */
export const usedText = ({ name, widthMm, lengthMm, usedMm }: CutRoll): string =>
  `${name}, ${Math.round(widthMm)} wide: ${metres(usedMm)} of ${metres(lengthMm)}.`

/** “Strip 1, cut at 190 mm: 174 × 190, 138 × 144”; counted from the start of the roll. */
export const stripText = ({ y, height, cuts }: CutRoll['strips'][number], nth: number): string =>
  `Strip ${nth}, cut at ${Math.round(y + height)} mm: ${cuts
    .map((cut) => `${Math.round(cut.width)} × ${Math.round(cut.height)}`)
    .join(', ')}`

export const wasteText = (waste: number): string => `${Math.round(waste * 100)} % waste.`

/** “3 pieces of 174 × 190 mm are missing: buy it, or build them otherwise.” */
export const missingText = ({ widthMm, heightMm, count }: KindCut['missing'][number]): string =>
  `${count} of ${Math.round(widthMm)} × ${Math.round(heightMm)} mm ${count === 1 ? 'does' : 'do'} not fit: buy more.`

/** “Today”, “Thursday”; beyond a week “3 Dec”. */
export function dayText(date: string, today: string): string {
  const away = differenceInCalendarDays(parseISO(date), parseISO(today))
  if (away === 0) return 'Today'
  return away > 0 && away < 7 ? longWeekdayText(date) : dateText(date)
}

/** “Thursday 15:00”. */
export const whenText = ({ date, minute }: WallTime, today: string): string =>
  `${dayText(date, today)} ${clockText(minute)}`

/** “15:00”, by the minute of the day. */
export function clockText(minute: number): string {
  const whole = Math.ceil(minute)
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}

export const lateCountText = (count: number): string =>
  count === 1 ? 'One piece will be late.' : `${count} pieces will be late.`

export const lateText = ({ work, ends }: WorkStep, today: string): string =>
  `${work.name} is due ${dayText(work.due!, today).replace('Today', 'today')} and ready ${whenText(ends, today).replace('Today', 'today')}.`

export const mendText = (hours: number | null): string =>
  hours === null
    ? 'Longer days won’t help: start earlier, move a due date, or leave something out.'
    : `At ${hours} hours a day nothing is late.`
