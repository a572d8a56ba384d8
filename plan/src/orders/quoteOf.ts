import type { Quote } from '@thimble/contract'
import type { WorkSequence } from '../schedule/workSequence'
import type { CostedLine } from './costOfOrder'

type QuoteInput = { lines: readonly CostedLine[]; sequences: readonly WorkSequence[]; currency: string; at: string }

/** What is quoted for an order, as its lines cost at this moment; ready when the last machine is. */
export function quoteOf({ lines, sequences, currency, at }: QuoteInput): Quote {
  const ends = sequences.flatMap(({ steps }) => steps.at(-1)?.ends.date ?? [])
  return {
    ...{ at, currency, ready: ends.sort().at(-1) ?? null },
    lines: lines.map(({ id, name, quantity, cost: { parts, cost, price, total } }) => ({
      ...{ line: id, name, quantity, parts, cost, price, total },
    })),
    total: lines.reduce((sum, { cost }) => sum + cost.total, 0),
  }
}
