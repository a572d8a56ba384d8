import { orders as t } from '@thimble/language/en/orders'
import type { Order, Quote } from '@thimble/contract'
import { type CostedLine, quoteOf } from '@thimble/plan/orders'
import type { WorkSequence } from '@thimble/plan/schedule'
import { shareFile } from '@/shared/shareFile'
import { patch } from '@/sync/changes'
import { store } from '@/state/store'
import type { QuoteSheet } from '@/template/quotePdf'
import { moneyText } from '@/words/priceWords'
import { placesText, sizesText } from './orderWords'
import { longDateText } from '@/words/dates'

/** Keeps what is quoted, as it stands, and hands the sheet on. */
export async function quoteIt(
  order: Order,
  lines: readonly CostedLine[],
  sequences: readonly WorkSequence[],
): Promise<void> {
  const { currency } = store.getState().shelf.shop
  const quote = quoteOf({ lines, sequences, currency, at: new Date().toISOString() })
  await handOn(order, quote)
  patch('orders', order.id, { quoted: [quote] })
}

/** Hands the sheet of a quote on, as it was. */
export async function handOn(order: Order, quote: Quote): Promise<void> {
  const { pdfs } = await import('@/template/pdfs')
  await shareFile(t('quote', { name: order.name }), (await pdfs.quotePdf(sheetOf(order, quote))) as BlobPart)
}

const day = (date: string): string => longDateText(date)

function sheetOf(order: Order, quote: Quote): QuoteSheet {
  const { shop, docs } = store.getState().shelf
  const { name, customer, due, deliveryNote } = order
  const money = (minor: number): string => moneyText(minor, quote.currency)
  const lines = quote.lines.map(({ line: id, name: called, quantity, price, total }) => {
    const line = order.lines[id]
    return {
      ...{ name: called, quantity: String(quantity), each: money(price), together: money(total) },
      says: line ? `${sizesText(line)}. ${placesText(line, docs.designs)}.` : '',
    }
  })
  return {
    ...{ shop: shop.name, customer, order: name, date: day(quote.at), lines, together: money(quote.total) },
    dates: [
      ...(quote.ready ? [t('ready-by-if-ordered-now', { day: day(quote.ready) })] : []),
      ...(due ? [t('you-asked-for-it-by', { day: day(due) })] : []),
    ],
    deliveryNote: deliveryNote.trim(),
  }
}
