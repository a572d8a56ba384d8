import { papers as t } from '@thimble/language/en/papers'
import { type Cell, SheetPaper } from './sheetPaper'

/** A quote as it stands on paper, its amounts and dates written out. */
export type QuoteSheet = {
  shop: string
  customer: string
  order: string
  date: string
  lines: readonly { name: string; says: string; quantity: string; each: string; together: string }[]
  together: string
  /** When it is ready, and when it was asked for. */
  dates: readonly string[]
  deliveryNote: string
}

/** A quote for the customer: what, how many, what one costs and all of it. What it costs the shop is not on it. */
export async function quotePdf(quote: QuoteSheet): Promise<Uint8Array> {
  const paper = await SheetPaper.open(`Quote: ${quote.order}`, t('made-with-zealous-thimble'))
  paper.words(quote.shop, { face: 'Heading', size: 9 })
  paper.gap(2)
  paper.tape()
  paper.heading(`Quote: ${quote.order}`, 7)
  if (quote.customer) paper.words(t('for', { customer: quote.customer }))
  paper.words(quote.date, { tone: 'inkSoft' })
  paper.gap(4)
  paper.row(cells([t('what'), t('pieces'), t('each'), t('total')], { face: 'TextBold', tone: 'inkSoft', size: 3.4 }))
  for (const { name, says, quantity, each, together } of quote.lines) {
    paper.row(cells([name, quantity, each, together]), { rule: 'seam' })
    paper.row([{ text: says, at: 0, wide: 96, size: 3.4, tone: 'inkSoft' }])
  }
  paper.row(cells([t('total'), '', '', quote.together], { face: 'TextBold', size: 5 }), { rule: 'ink' })
  paper.gap(5)
  for (const date of quote.dates) paper.words(date)
  if (quote.deliveryNote) {
    paper.gap(2)
    paper.heading(t('delivery'), 5)
    paper.words(quote.deliveryNote)
  }
  paper.gap(3)
  paper.words(t('taxes-are-not-included'), { tone: 'inkSoft', size: 3.4 })
  return paper.bytes()
}

const cells = ([what, count, each, all]: string[], ink: Partial<Cell> = {}): Cell[] => [
  { text: what!, at: 0, wide: 96, ...ink },
  { text: count!, at: 98, wide: 20, right: true, ...ink },
  { text: each!, at: 120, wide: 26, right: true, ...ink },
  { text: all!, at: 148, wide: 30, right: true, ...ink },
]
