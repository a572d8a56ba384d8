import { asked as t } from '@thimble/language/en/asked'
import { z } from 'zod'

const things: Record<string, string> = {
  string: t('text'),
  number: t('a-number'),
  int: t('a-whole-number'),
  boolean: t('true-or-false'),
  array: t('a-list'),
  object: t('an-object'),
  record: t('an-object'),
  undefined: t('nothing'),
}
const thing = (name: unknown): string => things[String(name)] ?? String(name)

/** The first of some names; more than these nobody reads. */
function namesOf(keys: readonly string[]): string {
  const first = keys.slice(0, MOST_NAMES).map((key) => `“${key}”`)
  return `${first.join(', ')}${keys.length > MOST_NAMES ? t('and-more', { keys: keys.length - MOST_NAMES }) : ''}`
}
const MOST_NAMES = 10

/** Validation messages a person can act on, for whatever a schema does not word itself. */
z.config({
  customError: (issue) => {
    if (issue.code === 'invalid_type')
      return issue.input === undefined ? t('this-is-missing') : t('it-must-be', { thing: thing(issue.expected) })
    if (issue.code === 'invalid_value') return t('it-must-be-one-of', { values: issue.values.map(String).join(', ') })
    if (issue.code === 'too_big') return t('it-cant-be-over', { maximum: String(issue.maximum) })
    if (issue.code === 'too_small') return t('it-cant-be-under', { minimum: String(issue.minimum) })
    if (issue.code === 'unrecognized_keys') return t('nothing-called-is-known-here', { namesOf: namesOf(issue.keys) })
    if (issue.code === 'invalid_union') return t('this-kind-isnt-known')
    return undefined
  },
})

/** The schemas’ own language, with these sentences in it: every schema is written with it. */
export { z }
