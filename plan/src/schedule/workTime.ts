import type { Shop } from '@thimble/contract'

export type Workday = Shop['workday']
/** A day of the calendar and the minute of it, by the shop's own clock. */
export type WallTime = { date: string; minute: number }

const DAY_MS = 86_400_000
const at = (date: string): number => Date.parse(`${date}T00:00:00Z`)
const nextDay = (date: string): string => new Date(at(date) + DAY_MS).toISOString().slice(0, 10)
const isOff = (date: string, { off }: Workday): boolean => off.includes(new Date(at(date)).getUTCDay())

/** The minutes of a day at which work begins and ends. */
function hoursOf({ from, hours }: Workday): [begin: number, end: number] {
  const [hour, minute] = from.split(':').map(Number) as [number, number]
  const begin = hour * 60 + minute
  return [begin, Math.min(begin + hours * 60, 24 * 60)]
}

/**
 * When so many minutes of work are done, begun at a time: within the hours of days that are no days off. What ends with a day
 * ends on that day.
 *
 * @example workedUntil({ date: '2026-11-27', minute: 14 * 60 }, 120, { hours: 6, from: '09:00', off: [0, 6] }) // Monday the 30th, 10:00: an hour of Friday is left
 */
export function workedUntil(begun: WallTime, minutes: number, workday: Workday): WallTime {
  const [begin, end] = hoursOf(workday)
  let { date, minute } = begun
  for (let left = minutes; ; ) {
    const from = Math.max(minute, begin)
    const room = isOff(date, workday) ? 0 : Math.max(0, end - from)
    if (left <= room && room > 0) return { date, minute: from + left }
    left -= room
    date = nextDay(date)
    minute = 0
  }
}

/** Minutes of work from a time to the end of a day; none where it is over. */
export function minutesTo(due: string, begun: WallTime, workday: Workday): number {
  const [begin, end] = hoursOf(workday)
  let minutes = 0
  for (let date = begun.date; date <= due; date = nextDay(date)) {
    const from = date === begun.date ? Math.max(begun.minute, begin) : begin
    if (!isOff(date, workday)) minutes += Math.max(0, end - from)
  }
  return minutes
}

/** The next days that are no days off, a day itself among them. */
export function nextWorkdays(from: string, count: number, workday: Workday): string[] {
  const days: string[] = []
  for (let date = from; days.length < count; date = nextDay(date)) if (!isOff(date, workday)) days.push(date)
  return days
}
