import { things as t } from '@thimble/language/en/things'
import { addYears } from 'date-fns/addYears'
import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays'
import { isValid } from 'date-fns/isValid'
import { lightFormat } from 'date-fns/lightFormat'
import { parse } from 'date-fns/parse'

const YEARLY = [t('yyyy-mm-dd'), t('d-mmm-yyyy'), t('d-mmmm-yyyy'), t('mmm-d-yyyy'), t('mmmm-d-yyyy')]
const WITHOUT_YEAR = ['d MMM', 'd MMMM', 'MMM d', 'MMMM d']
const numbers = {
  'en-GB': { yearly: ['d/M/yyyy', 'd/M/yy'], without: ['d/M'] },
  'en-US': { yearly: ['M/d/yyyy', 'M/d/yy'], without: ['M/d'] },
} as const
/** A day without its year that is longer past than this is meant in the next one. */
const PAST_DAYS = 90

/**
 * A day as people write it, as `yyyy-MM-dd`; null where it is none. Without a year it is the one that is near.
 *
 * @example readDate('30 Nov', new Date('2026-11-02'), 'en-GB') // '2026-11-30'
 */
export function readDate(text: string, today: Date, locale: keyof typeof numbers): string | null {
  const typed = text.trim().replace(/[.,]/g, '').replace(/\s+/g, ' ')
  const read = (patterns: readonly string[]): Date | undefined =>
    patterns.map((pattern) => parse(typed, pattern, today)).find((day) => isValid(day) && day.getFullYear() > 1999)
  const day = read([...YEARLY, ...numbers[locale].yearly])
  if (day) return lightFormat(day, 'yyyy-MM-dd')
  const near = read([...WITHOUT_YEAR, ...numbers[locale].without])
  if (!near) return null
  return lightFormat(differenceInCalendarDays(today, near) > PAST_DAYS ? addYears(near, 1) : near, 'yyyy-MM-dd')
}
