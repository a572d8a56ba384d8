import type { Thread } from '@thimble/contract'
import { readNumber } from '@thimble/plan'
import { readMoney, typedMoney } from '@/words/moneyWords'

const numbers = [
  { text: 'tex', path: 'tex', most: 500 },
  { text: 'spoolM', path: 'spoolM', most: 50_000 },
  { text: 'bareGrams', path: 'bareGrams', most: 5000 },
] as const

type Texts = Record<
  'name' | 'colour' | 'weight' | 'left' | 'low' | 'cost' | (typeof numbers)[number]['text'],
  string
> & {
  fibre: Thread['fibre']
}

const typed = (value: number | null | undefined): string => (value === null || value === undefined ? '' : String(value))

/** A thread as it would be typed; what is left of one that is kept follows from what moved. */
export const writeThread = (currency: string, kept?: Thread): Texts => ({
  ...{ name: kept?.name ?? '', colour: kept?.colour ?? '#2c4a7a', weight: String(kept?.weight ?? 40) },
  ...{ fibre: kept?.fibre ?? 'polyester', left: '', low: kept?.lowM ? String(kept.lowM) : '' },
  ...{ tex: typed(kept?.tex), spoolM: typed(kept?.spoolM), bareGrams: typed(kept?.bareGrams) },
  cost: typedMoney(kept?.cost, currency),
})

/** `there`: how much is left is typed too, as it is new. */
export function readThread(texts: Texts, currency: string, there: boolean) {
  const unread: Partial<Record<keyof Texts, string>> = {}
  const number = (field: keyof Texts, most: number): number | null => {
    const { value, problem } = readNumber(texts[field].replace(/\s*m\.?$/i, ''), most)
    if (problem) unread[field] = problem
    return value
  }
  const { name, colour, weight, fibre } = texts
  const cost = readMoney(texts.cost, currency)
  if (cost.problem) unread.cost = cost.problem
  const doc = {
    ...{ name, fibre, colour: colour.trim().toLowerCase(), weight: Number(weight), cost: cost.minor },
    ...Object.fromEntries(numbers.map(({ text, path, most }) => [path, number(text, most)])),
    lowM: number('low', 50_000) ?? 0,
    ...(there ? { leftM: number('left', 50_000) } : {}),
  }
  return { doc, unread }
}
