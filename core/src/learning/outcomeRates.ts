import { message } from '../messages/message'
import { CoreError } from '../errors'
import { wilsonInterval } from './wilsonInterval'

/** How one piece came out, by what it was made of and with. */
export type OutcomeRow = { cloth: string; stack: string; holding: string; fault: string; success: boolean }

/** `rate` of successes among the tries of a group, and in which the true one lies, with 95 % confidence. */
export type RateRow = {
  key: Record<string, string>
  tries: number
  successes: number
  rate: number
  interval: [low: number, high: number]
}

/**
 * Successes over tries by any grouping, with Wilson 95 % intervals; groups in the order in which they first come. By
 * nothing at all they are one group.
 *
 * Source: core.md section 10.
 *
 * @throws CoreError('bad-outcome') for a column that no row has, with its place in `by`
 * @example outcomeRates([{ ...row, success: true }, { ...row, success: false }], ['cloth']) // rate 0.5, interval [0.0945, 0.9055]
 */
export function outcomeRates<Row extends { success: boolean } = OutcomeRow>(
  records: readonly Row[],
  by: readonly (keyof Row & string)[],
): RateRow[] {
  const groups = new Map<string, { key: Record<string, string>; tries: number; successes: number }>()
  for (const record of records) {
    const values = by.map((column, i) => {
      const value: unknown = record[column]
      if (value === undefined)
        throw new CoreError('bad-outcome', message('problem.no-record-says-its', { column: String(column) }), `by.${i}`)
      return String(value)
    })
    const name = values.length === 1 ? values[0]! : JSON.stringify(values)
    const known = groups.get(name)
    const group = known ?? { key: Object.fromEntries(by.map((c, i) => [c, values[i]!])), tries: 0, successes: 0 }
    if (!known) groups.set(name, group)
    group.tries++
    if (record.success) group.successes++
  }
  return [...groups.values()].map(({ key, tries, successes }) => ({
    ...{ key, tries, successes },
    rate: successes / tries,
    interval: wilsonInterval(successes, tries),
  }))
}
