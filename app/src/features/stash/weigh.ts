import { problemText } from '@thimble/language'
import { CoreError } from '@thimble/core/errors'
import { spoolLeft } from '@thimble/core/thread'
import { readNumber } from '@thimble/plan'

const HEAVIEST = 20_000
const MOST_SPOOLS = 100

type Weighed = { metres: number | null; problem: string | null }

/** What weighing comes to, all spools of one thread on the scale together; a problem only once both weights were typed. */
export function weigh(gross: string, bare: string, spools: string, tex: number): Weighed {
  const [all, one, count] = [readNumber(gross, HEAVIEST), readNumber(bare, HEAVIEST), readNumber(spools, MOST_SPOOLS)]
  const problem = all.problem ?? one.problem ?? count.problem
  if (problem || all.value === null || one.value === null) return { metres: null, problem }
  try {
    const emptyGrams = one.value * (count.value ?? 1)
    return { metres: spoolLeft({ grossGrams: all.value, emptyGrams, tex }), problem: null }
  } catch (error) {
    if (error instanceof CoreError) return { metres: null, problem: problemText(error) }
    throw error
  }
}
