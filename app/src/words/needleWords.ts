import type { DecidedStack, Machine } from '@thimble/contract'
import type { Severity } from '@thimble/core/advice'
import { needleWear } from '@thimble/core/thread'
import { many } from './designWords'
import { needleText } from './stackWords'

type Told = { code: string; severity: Severity; text: string }
type InMachine = Pick<Machine, 'name' | 'needle' | 'needleMinutes' | 'needleStrikes'>

const hours = (minutes: number): string => {
  const whole = Math.max(0, Math.round(minutes))
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`
}

/** “75/11 ballpoint: 3 h 20 min sewn, nothing struck.” */
export function needleInText({ needle, needleMinutes, needleStrikes }: InMachine): string {
  if (!needle) return 'The needle in it isn’t noted.'
  const struck = needleStrikes > 0 ? many(needleStrikes, 'strike') : 'nothing struck'
  return `${needleText(needle)}: ${hours(needleMinutes)} sewn, ${struck}.`
}

/** What a needle's age or a strike asks for; null while it is good, and where none is noted. */
export function wornAdvice({ needle, needleMinutes: minutes, needleStrikes: strikes }: InMachine): Told | null {
  const wear = needle ? needleWear({ minutes, strikes }) : 'good'
  if (wear === 'good') return null
  const why = strikes > 0 ? 'it struck something' : 'needles last about eight hours'
  const text = wear === 'soon' ? `Change the needle soon: ${why}.` : `Change the needle now: ${why}.`
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
  const text = `${name} has a ${needleText(needle)}. Fit a ${needleText(asked)}.`
  return { code: 'needle.other', severity: 'caution', text }
}
