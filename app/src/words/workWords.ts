import { things as t } from '@thimble/language/en/things'
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
  if (minutes < 1.25 && minutes > 0) return minutes < 0.75 ? t('half-a-min') : t('1-min')
  const whole = Math.round(minutes)
  if (whole < 60) return t('min', { whole })
  return whole % 60 === 0 ? `${whole / 60} h` : t('h-min', { floor: Math.floor(whole / 60), whole: whole % 60 })
}

/** Under this nobody would put pieces in another order. */
const WORTH_SECONDS = 60

/** What this order saves against the pieces as they came in, and how good it is. */
export function savingText({ seconds, typedSeconds, leastSeconds, optimal }: WorkSequence): string {
  const saved = typedSeconds - seconds
  const first =
    saved >= WORTH_SECONDS
      ? t('less-changing-than-as-entered', { minutes: minutesText(saved / 60) })
      : saved <= -WORTH_SECONDS
        ? t('more-changing-than-as-entered', { minutes: minutesText(-saved / 60) })
        : optimal
          ? ''
          : t('about-as-much-changing-as')
  const late = seconds > leastSeconds + 1 ? t('with-the-least-late') : ''
  if (optimal) return first ? t('the-fewest-possible', { first, late }) : t('already-the-fewest-changes', { late })
  const over = leastSeconds > 0 ? Math.ceil((seconds / leastSeconds - 1) * 100) : 0
  return t('within-of-the-best-possible', { first, over })
}

/** What a hand’s order costs beside the one that is worked out. */
export function byHandText({ seconds, bestSeconds }: WorkSequence): string {
  const more = seconds - (bestSeconds ?? seconds)
  if (more >= WORTH_SECONDS) return t('as-you-put-them-more', { minutes: minutesText(more / 60) })
  return more <= -WORTH_SECONDS
    ? t('as-you-put-them-less', { minutes: minutesText(-more / 60) })
    : t('as-you-put-them-about')
}

/** “3 h 12 min sewing, 48 min hooping, 48 min finishing, 12 min changing.” */
export const partsText = ({ by, seconds }: WorkSequence): string =>
  t('sewing-hooping-finishing-changing', {
    minutes: minutesText(by.stitching),
    minutes2: minutesText(by.hooping),
    minutes3: minutesText(by.finishing),
    minutes4: minutesText(seconds / 60),
  })

export const wholeText = ({ minutes, seconds, steps }: WorkSequence): string =>
  t('in-all-for-one-piece', { steps: steps.length, minutes: minutesText(minutes), minutes2: minutesText(seconds / 60) })

/** What is changed before a piece, in the hand's order. */
export function changeText({ hoop, hoopless, needle, threads }: Change, first: boolean): string {
  const parts = [
    hoopless ? t('a-hoop-and-none-here') : hoop,
    needle && t('needle', { needle: needleText({ ...needle, coated: false }) }),
    threads.length > 0 ? t('thread', { threads: threads.join(', ') }) : null,
  ].filter(Boolean)
  return `${first ? t('set-up') : t('change')}: ${parts.join('; ')}`
}

/** “12 m, enough”, “30 m, 4.2 m short”. */
export function threadText({ metres, missing }: BatchThread): string {
  if (missing === null) return t('stock-not-counted-2', { metres: metresText(metres) })
  return `${metresText(metres)}, ${missing > 0 ? t('short', { metres: metresText(missing) }) : t('enough')}`
}

export function bobbinText({ bobbinMetres, fresh }: ThreadOfBatch): string {
  const much = t('bobbin-thread', { metres: metresText(bobbinMetres) })
  if (fresh === null) return t('a-bobbins-length-is-unknown', { much })
  if (fresh === 0) return t('the-bobbin-in-the-machine', { much })
  return t('wind-one-bobbin-before-you', { fresh, much })
}

const metres = (mm: number): string => `${(mm / 1000).toFixed(2)} m`

/** “Mesh, white, 500 wide: 0.58 m of 4 m.” */
export const usedText = ({ name, widthMm, lengthMm, usedMm }: CutRoll): string =>
  t('wide-of', { name, round: Math.round(widthMm), metres: metres(usedMm), metres2: metres(lengthMm) })

/** “Strip 1, cut at 190 mm: 174 × 190, 138 × 144”; counted from the start of the roll. */
export const stripText = ({ y, height, cuts }: CutRoll['strips'][number], nth: number): string =>
  t('strip-cut-at-mm', {
    nth,
    round: Math.round(y + height),
    cuts: cuts.map((cut) => `${Math.round(cut.width)} × ${Math.round(cut.height)}`).join(', '),
  })

export const wasteText = (waste: number): string => t('waste', { round: Math.round(waste * 100) })

/** “3 pieces of 174 × 190 mm are missing: buy it, or build them otherwise.” */
export const missingText = ({ widthMm, heightMm, count }: KindCut['missing'][number]): string =>
  t('of-mm-does-not-fit', { count, round: Math.round(widthMm), round2: Math.round(heightMm) })

/** “Today”, “Thursday”; beyond a week “3 Dec”. */
export function dayText(date: string, today: string): string {
  const away = differenceInCalendarDays(parseISO(date), parseISO(today))
  if (away === 0) return t('today')
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

export const lateCountText = (count: number): string => t('one-piece-will-be-late', { count })

const inside = (when: string): string => when.replace(t('today'), t('today-inside'))

export const lateText = ({ work, ends }: WorkStep, today: string): string =>
  t('is-due-and-ready', {
    name: work.name,
    due: inside(dayText(work.due!, today)),
    ready: inside(whenText(ends, today)),
  })

export const mendText = (hours: number | null): string =>
  hours === null ? t('longer-days-wont-help-start') : t('at-hours-a-day-nothing', { hours })
