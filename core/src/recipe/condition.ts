import type { Facts } from './facts'

/** A test with the words that say what it asks, so that a rule can be read as a sentence. */
export type Condition<T = Facts> = ((f: T) => boolean) & { says: string }

export const when = <T = Facts>(says: string, test: (f: T) => boolean): Condition<T> =>
  Object.assign((f: T) => test(f), { says })

const aside = ({ says }: { says: string }): string => (says.includes(', and ') ? `(${says})` : says)

/** @example all(knit, dense).says // 'a knit, and a dense design' */
export const all = <T = Facts>(...conditions: readonly Condition<T>[]): Condition<T> =>
  when(conditions.map((c) => c.says).join(', and '), (f) => conditions.every((c) => c(f)))

export const any = <T = Facts>(...conditions: readonly Condition<T>[]): Condition<T> =>
  when(`(${conditions.map(aside).join(' or ')})`, (f) => conditions.some((c) => c(f)))

export const not = <T = Facts>(condition: Condition<T>): Condition<T> =>
  when(`not ${aside(condition)}`, (f) => !condition(f))

export const always: Condition<unknown> = when('always', () => true)
