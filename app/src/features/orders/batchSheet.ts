import { orders as t } from '@thimble/language/en/orders'
import { kindOf, movesOf, patchNames, type PiecePlans, placedWords } from '@thimble/plan'
import type { KindCut, WorkSequence, WorkStep } from '@thimble/plan/schedule'
import type { Piece, Shop } from '@thimble/contract'
import type { BatchSheet } from '@/template/batchSheetPdf'
import { dialsText } from '@/words/dialsText'
import { joined, writeName } from '@thimble/language'
import { layerName } from '@/words/stackWords'
import {
  bobbinText,
  changeText,
  clockText,
  minutesText,
  missingText,
  partsText,
  stripText,
  threadText,
  usedText,
} from '@/words/workWords'
import type { Batch } from './batchesOf'
import { dateText, weekdayDateText } from '@/words/dates'

type BatchSheetInput = {
  shop: Shop
  plansOf: (piece: Piece) => PiecePlans
  /** Where a phone finds this shop; null where none is let in. */
  base: string | null
  now: Date
}
type Worked = { orders: readonly WorkSequence[]; cuts: readonly KindCut[] }

/** A run as it goes on paper. */
export function runSheetOf(run: Batch, { orders, cuts }: Worked, beside: BatchSheetInput): BatchSheet {
  return {
    title: t('work-sheet', { customer: run.customer }),
    foot: t('made-with-zealous-thimble', { name: beside.shop.name, date: dateText(beside.now) }),
    machines: orders.map((order) => ({
      ...{ name: order.machine, ready: readyOn(order), says: partsText(order) },
      steps: order.steps.map((step, i) => stepOf(step, i === 0, run, beside)),
      thread: [
        ...order.thread.threads.map((thread) => `${thread.name}: ${threadText(thread)}`),
        bobbinText(order.thread),
      ],
    })),
    cuts: cuts.map(({ kind, rolls, missing }) => ({
      name: layerName(kind),
      rolls: rolls.map((roll) => ({
        ...{ says: usedText(roll), wide: roll.widthMm, used: roll.usedMm },
        pieces: roll.strips.flatMap((strip) => strip.cuts),
        strips: roll.strips.map((strip, i) => stripText(strip, i + 1)),
      })),
      missing: missing.map(missingText),
    })),
  }
}

/** With its date, as paper is read on another day. */
function readyOn({ steps }: WorkSequence): string {
  const { date, minute } = steps.at(-1)!.ends
  return t('ready-2', { weekdayDate: weekdayDateText(date), clock: clockText(minute) })
}

function stepOf(
  { work, before }: WorkStep,
  first: boolean,
  run: Batch,
  { shop, plansOf, base }: BatchSheetInput,
): BatchSheet['machines'][number]['steps'][number] {
  const piece = run.pieces.find(({ id }) => id === work.id)!
  const plans = plansOf(piece)
  const size = kindOf(piece).sizes.find(({ id }) => id === piece.item.size)?.name
  return {
    change: before.seconds > 0 ? changeText(before, first) : null,
    ...{ name: work.name, minutes: minutesText(work.minutes) },
    says: [
      size && writeName(size),
      placedWords(piece, shop, plans.measure),
      dialWords(piece, plans),
      patchWords(plans),
      piece.note,
    ]
      .filter(Boolean)
      .join('. '),
    address: base && `${base}/piece/${piece.id}`,
  }
}

/** Cloth to have ready; the machine stops to lay it and to trim it. */
function patchWords({ marked }: PiecePlans): string {
  const names = patchNames(marked.design.patches).map(({ name }) => name)
  return names.length > 0 ? t('lay-where-the-machine-stops', { names: joined(names) }) : ''
}

/** What is dialled in for each of its hoopings; nothing while it was not hooped. */
function dialWords(piece: Piece, { marked, hoop }: PiecePlans): string {
  if (piece.hoop.kept.length === 0) return ''
  const dials = dialsText(movesOf({ piece, marked, hoop }))
  return dials && t('dial-in', { dials })
}
