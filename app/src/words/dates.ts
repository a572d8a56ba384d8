import { platformLocale } from '@thimble/language'
import { parseISO } from 'date-fns/parseISO'

const written =
  (how: Intl.DateTimeFormatOptions) =>
  (date: string | Date): string =>
    new Intl.DateTimeFormat(platformLocale, how).format(typeof date === 'string' ? parseISO(date) : date)

const day = { day: 'numeric', month: 'short' } as const
const time = { hour: 'numeric', minute: '2-digit' } as const

/** “24 Nov”, “Nov 24”. */
export const dayText = written(day)
/** “24 Nov 2026”. */
export const dateText = written({ ...day, year: 'numeric' })
/** “24 November 2026”. */
export const longDateText = written({ day: 'numeric', month: 'long', year: 'numeric' })
/** “Tue”. */
export const weekdayText = written({ weekday: 'short' })
/** “Tuesday”. */
export const longWeekdayText = written({ weekday: 'long' })
/** “Tue 24 Nov”. */
export const weekdayDayText = written({ weekday: 'short', ...day })
/** “Tuesday 24 November”. */
export const weekdayDateText = written({ weekday: 'long', day: 'numeric', month: 'long' })
/** “Nov 2026”. */
export const monthText = written({ month: 'short', year: 'numeric' })
/** “14:05”, “2:05 PM”. */
export const clockText = written(time)
/** “24 Nov, 14:05”. */
export const dayTimeText = written({ ...day, ...time })
/** “24 Nov 2026, 14:05”. */
export const dateTimeText = written({ ...day, year: 'numeric', ...time })
