import { planning as t } from '@thimble/language/en/planning'
import type { OrderLine, Shop, Supply } from '@thimble/contract'
import { type CostBreakdown, type CostQuery, pieceCost } from '@thimble/core/money'
import type { KindCut } from '../schedule/cutsOfBatch'
import type { PieceWork } from '../schedule/pieceWork'
import { bobbinPer1000m, type Prices, priced, supplyPerM2, threadPer1000m } from './prices'

const CM2_IN_MM2 = 100
const SECONDS = 60

/** What one garment of a line costs and is sold at. `unknown`: what of it nobody has said, and counted as nothing. */
export type LineCost = { quantity: number; cost: CostBreakdown; unknown: string[] }

type LineCostInput = {
  line: Pick<OrderLine, 'blank' | 'customersOwn'>
  /** How many garments are quoted, and of how many the works are: those that are not in the log yet. */
  quantity: number
  garments: number
  works: readonly PieceWork[]
  shop: Pick<Shop, 'rates'>
  prices: Prices
  cuts: readonly KindCut[]
  /** This line's part of the order's set-up, minor units. */
  setup: number
  /** Changing hoops, needles and threads, this line's part of it, seconds. */
  changeSeconds: number
}

/**
 * What a line is quoted at, from what its pieces are planned to take: thread and backing at what the stash paid for them, the
 * backing with what is lost in cutting, hands and machine by the shop's own hours. Null where none of its pieces is planned.
 *
 * @throws CoreError('bad-cost') for rates nothing can be worked out from
 */
export function costOfLine(ask: LineCostInput): LineCost | null {
  const { works, quantity, garments, line, shop, setup, changeSeconds } = ask
  if (works.length === 0 || garments === 0 || quantity === 0) return null
  const each = (sum: number): number => sum / garments
  const total = (of: (work: PieceWork) => number): number => works.reduce((sum, work) => sum + of(work), 0)
  const { rates } = shop
  const [thread, bobbin, needle, backing] = [threadOf(ask), bobbinOf(ask), needleOf(ask), backingOf(ask)]
  const query: CostQuery = {
    quantity,
    blank: line.customersOwn ? 0 : (line.blank ?? 0),
    ...(line.customersOwn ? { customersBlank: line.blank ?? 0 } : {}),
    threadMetres: each(thread.metres),
    threadPer1000m: thread.per1000m,
    bobbinMetres: each(bobbin.metres),
    bobbinPer1000m: bobbin.per1000m,
    backing: backing.map(({ areaCm2, pricePerM2 }) => ({ areaCm2: each(areaCm2), pricePerM2: pricePerM2 ?? 0 })),
    needlePrice: needle.price ?? 0,
    needleHours: rates.needleHours,
    machineMinutes: each(total(({ by }) => by.stitching)),
    machinePerHour: rates.machinePerHour ?? 0,
    handMinutes: each(total(({ by }) => by.hooping + by.finishing) + changeSeconds / SECONDS),
    labourPerHour: rates.labourPerHour ?? 0,
    spoilage: rates.spoilagePercent / 100,
    setup,
    pricing: rates.pricing,
    breaks: rates.breaks,
  }
  return { quantity, cost: pieceCost(query), unknown: unknownOf(ask, { thread, bobbin, needle, backing }) }
}

const threadOf = ({ works, prices }: LineCostInput) =>
  priced(
    works.flatMap((work) =>
      work.threads.map(({ id, name, metres }) => {
        const thread = prices.threads.find((one) => one.id === id)
        return { name, metres, per1000m: thread ? threadPer1000m(thread) : null }
      }),
    ),
  )

/** Of the bobbins whose price is known, the first. */
function bobbinOf({ works, prices }: LineCostInput) {
  const known = prices.bobbins.flatMap((bobbin) => bobbinPer1000m(bobbin) ?? [])
  const metres = works.reduce((sum, work) => sum + work.bobbinMetres, 0)
  return priced([{ name: t('bobbin-thread'), metres, per1000m: known[0] ?? null }])
}

/** Of the needle most of them are sewn with. */
function needleOf({ works, prices }: LineCostInput): { name: string; price: number | null } {
  const { size, point } = works[0]!.needle
  const found = prices.needles.find((one) => one.size === size && one.point === point && one.cost !== null)
  return { name: t('needle-2', { size }), price: found?.cost ?? null }
}

/** By kind: what is laid, and what is lost beside it. */
function backingOf({ works, prices, cuts }: LineCostInput) {
  const kinds = [...new Set(works.flatMap(({ layers }) => layers.map(({ kind }) => kind)))]
  return kinds.map((kind) => {
    const laid = works
      .flatMap(({ layers }) => layers.filter((layer) => layer.kind === kind))
      .reduce((sum, { size, pieces }) => sum + (size.widthMm * size.heightMm * pieces) / CM2_IN_MM2, 0)
    const waste = cuts.find((cut) => cut.kind === kind)?.waste ?? 0
    return { kind, areaCm2: laid / (1 - waste), pricePerM2: priceOfKind(kind, prices.supplies, cuts) }
  })
}

/** What it is cut of; else the first of the kind whose price is known. */
function priceOfKind(kind: string, supplies: readonly Supply[], cuts: readonly KindCut[]): number | null {
  const cutOf = cuts.find((cut) => cut.kind === kind)?.rolls.map(({ supply }) => supply) ?? []
  const ofKind = supplies.filter((supply) => supply.kind === kind)
  const first = [...ofKind.filter(({ id }) => cutOf.includes(id)), ...ofKind]
  return first.map(supplyPerM2).find((price) => price !== null) ?? null
}

type Parts = {
  thread: ReturnType<typeof threadOf>
  bobbin: ReturnType<typeof bobbinOf>
  needle: ReturnType<typeof needleOf>
  backing: ReturnType<typeof backingOf>
}

function unknownOf({ line, shop: { rates } }: LineCostInput, { thread, bobbin, needle, backing }: Parts): string[] {
  return [
    ...(line.blank === null ? [line.customersOwn ? t('what-a-spoiled-one-costs') : t('what-the-item-costs')] : []),
    ...(rates.machinePerHour === null ? [t('an-hour-of-the-machine')] : []),
    ...(rates.labourPerHour === null ? [t('an-hour-of-hands')] : []),
    ...[...thread.unknown, ...bobbin.unknown],
    ...(needle.price === null ? [needle.name] : []),
    ...backing.flatMap(({ kind, pricePerM2 }) => (pricePerM2 === null ? [kind] : [])),
  ]
}
