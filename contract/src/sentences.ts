import { z } from 'zod'

const things: Record<string, string> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'an object',
  record: 'an object',
  undefined: 'nothing',
}
const thing = (name: unknown): string => things[String(name)] ?? String(name)

/** The first of some names; more than these nobody reads. */
function namesOf(keys: readonly string[]): string {
  const first = keys.slice(0, MOST_NAMES).map((key) => `“${key}”`)
  return `${first.join(', ')}${keys.length > MOST_NAMES ? ` and ${keys.length - MOST_NAMES} more` : ''}`
}
const MOST_NAMES = 10

/** Validation messages a person can act on, for whatever a schema does not word itself. */
z.config({
  customError: (issue) => {
    if (issue.code === 'invalid_type')
      return issue.input === undefined ? 'This is missing.' : `It must be ${thing(issue.expected)}.`
    if (issue.code === 'invalid_value') return `It must be one of: ${issue.values.map(String).join(', ')}.`
    if (issue.code === 'too_big') return `It can’t be over ${issue.maximum}.`
    if (issue.code === 'too_small') return `It can’t be under ${issue.minimum}.`
    if (issue.code === 'unrecognized_keys') return `Nothing called ${namesOf(issue.keys)} is known here.`
    if (issue.code === 'invalid_union') return 'This kind isn’t known.'
    return undefined
  },
})

/** The schemas’ own language, with these sentences in it: every schema is written with it. */
export { z }
