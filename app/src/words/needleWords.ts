import { many } from '@thimble/language/en/counts'
import { things as t } from '@thimble/language/en/things'
import type { DecidedStack, Machine } from '@thimble/contract'
import type { Severity } from '@thimble/core/advice'
import { needleWear } from '@thimble/core/thread'
import { needleText } from './stackWords'

type Told = { code: string; severity: Severity; text: string }
type InMachine = Pick<Machine, 'name' | 'needle' | 'needleMinutes' | 'needleStrikes'>

const hours = (minutes: number): string => {
  const whole = Math.max(0, Math.round(minutes))
  return whole < 60 ? t('min', { whole }) : t('h-min', { floor: Math.floor(whole / 60), whole: whole % 60 })
}

/** “75/11 ballpoint: 3 h 20 min sewn, nothing struck.” */
export function needleInText({ needle, needleMinutes, needleStrikes }: InMachine): string {
  if (!needle) return t('the-needle-in-it-isnt')
  const struck = needleStrikes > 0 ? many(needleStrikes, 'strike') : t('nothing-struck')
  return t('sewn', { needle: needleText(needle), hours: hours(needleMinutes), struck })
}

/** What a needle's age or a strike asks for; null while it is good, and where none is noted. */
export function wornAdvice({ needle, needleMinutes: minutes, needleStrikes: strikes }: InMachine): Told | null {
  const wear = needle ? needleWear({ minutes, strikes }) : 'good'
  if (wear === 'good') return null
  const why = strikes > 0 ? t('it-struck-something') : t('needles-last-about-eight-hours')
  const text = wear === 'soon' ? t('change-the-needle-soon', { why }) : t('change-the-needle-now', { why })
  return { code: 'needle.worn', severity: 'caution', text }
}

/** Where the needle in the machine is not the one a stack asks for; null where it is, or none is noted. */
export function otherNeedleAdvice(
  { name, needle }: InMachine,
  { needle: asked }: Pick<DecidedStack, 'needle'>,
): Told | null {
  if (!needle || !asked) return null
  const same = needle.size === asked.size && needle.point === asked.point && (needle.coated || !asked.coated)
  if (same) return null
  const text = t('has-a-fit-a', { name, needle: needleText(needle), needle2: needleText(asked) })
  return { code: 'needle.other', severity: 'caution', text }
}
