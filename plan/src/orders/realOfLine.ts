import { planning as t } from '@thimble/language/en/planning'
import type { OrderLine, Piece, Shop, Take } from '@thimble/contract'
import { type CostPart, type CostQuery, pieceCost } from '@thimble/core/money'
import { bobbinPer1000m, type Prices, priced, supplyPerM2, threadPer1000m } from './prices'

/**
 * What a line really took, of its pieces in the log: how many garments those are and how many of them came out, and what each
 * that came out cost, by part, in minor units. `guessed`: of how many pieces nobody noted the minutes.
 */
type RealCost = {
  recorded: number
  good: number
  parts: Record<CostPart, number>
  cost: number
  guessed: number
}

type RealCostInput = {
  line: Pick<OrderLine, 'blank' | 'customersOwn'>
  /** Those of the line that are in the log. */
  pieces: readonly Piece[]
  shop: Pick<Shop, 'rates'>
  prices: Prices
  /** This line's part of the order's set-up, and of how many garments the line is: those not in the log yet bear theirs. */
  setup: number
  ordered: number
}

const CM2_IN_MM2 = 100

/**
 * What was quoted, worked out again from what records say: what they took of the stash, the minutes of hands and machine, and
 * what was spoiled, which those that came out bear. Null while nothing of the line is in the log, or nothing came out.
 */
export function realOfLine({ line, pieces, shop: { rates }, prices, setup, ordered }: RealCostInput): RealCost | null {
  const rows = new Set(pieces.map((piece) => piece.order?.row ?? piece.id))
  const failed = new Set(pieces.filter(hasFailed).map((piece) => piece.order?.row ?? piece.id))
  const [recorded, good] = [rows.size, rows.size - failed.size]
  if (good === 0) return null
  const each = (sum: number): number => sum / recorded
  const took = pieces.flatMap((piece) => [...(piece.build.cut[0]?.took ?? []), ...(piece.finish.kept[0]?.took ?? [])])
  const [thread, bobbin] = [threadTaken(took, prices), bobbinTaken(took, prices)]
  const times = pieces.map(minutesOf)
  const [machine, hands] = [meanOf(times, 'machine'), meanOf(times, 'hands')]
  const query: CostQuery = {
    quantity: good,
    blank: line.customersOwn ? 0 : (line.blank ?? 0),
    ...(line.customersOwn ? { customersBlank: line.blank ?? 0 } : {}),
    threadMetres: each(thread.metres),
    threadPer1000m: thread.per1000m,
    bobbinMetres: each(bobbin.metres),
    bobbinPer1000m: bobbin.per1000m,
    backing: backingTaken(took, prices).map(({ areaCm2, pricePerM2 }) => ({ areaCm2: each(areaCm2), pricePerM2 })),
    needlePrice: needlePrice(pieces, prices),
    needleHours: rates.needleHours,
    machineMinutes: each(machine * pieces.length),
    machinePerHour: rates.machinePerHour ?? 0,
    handMinutes: each(hands * pieces.length),
    labourPerHour: rates.labourPerHour ?? 0,
    spoilage: failed.size / recorded,
    setup: (setup * recorded) / Math.max(ordered, recorded),
    pricing: { by: 'mark-up', percent: 0 },
  }
  const { parts, cost } = pieceCost(query)
  return { recorded, good, parts, cost, guessed: times.filter(({ hands: own }) => own === null).length }
}

/** Of the needle they were sewn with. */
function needlePrice(pieces: readonly Piece[], { needles }: Prices): number {
  const sewn = pieces.map(({ finish }) => finish.kept[0]?.stack?.needle).find(Boolean)
  return (
    needles.find(({ size, point, cost }) => size === sewn?.size && point === sewn.point && cost !== null)?.cost ?? 0
  )
}

const hasFailed = ({ finish }: Piece): boolean => ['spoiled', 'redo'].includes(finish.kept[0]?.verdict ?? '')

const ofAccount = (took: readonly Take[], of: Take['of']): readonly Take[] => took.filter((one) => one.of === of)

const threadTaken = (took: readonly Take[], { threads }: Prices) =>
  priced(
    ofAccount(took, 'threads.leftM').map(({ ofId, name, amount }) => {
      const thread = threads.find(({ id }) => id === ofId)
      return { name, metres: amount, per1000m: thread ? threadPer1000m(thread) : null }
    }),
  )

/** What the bobbin in the machine lost, and what was on those fitted fresh. */
function bobbinTaken(took: readonly Take[], { bobbins }: Prices) {
  const fresh = ofAccount(took, 'bobbins.left').reduce(
    (sum, { ofId, amount }) => sum + amount * (bobbins.find(({ id }) => id === ofId)?.woundM ?? 0),
    0,
  )
  const lost = ofAccount(took, 'machines.bobbinM').reduce((sum, { amount }) => sum + amount, 0)
  const known = bobbins.flatMap((bobbin) => bobbinPer1000m(bobbin) ?? [])
  return priced([{ name: t('bobbin-thread'), metres: Math.max(0, lost + fresh), per1000m: known[0] ?? null }])
}

const backingTaken = (took: readonly Take[], { supplies }: Prices) =>
  ofAccount(took, 'supplies.leftMm').flatMap(({ ofId, amount }) => {
    const supply = supplies.find(({ id }) => id === ofId)
    return supply ? [{ areaCm2: (amount * supply.widthMm) / CM2_IN_MM2, pricePerM2: supplyPerM2(supply) ?? 0 }] : []
  })

type Times = { machine: number | null; hands: number | null }

/** What of a record's minutes the needle sewed, and what hands did; sewing is as forecast where it was not noted. */
function minutesOf({ finish }: Piece): Times {
  const [record] = finish.kept
  if (!record) return { machine: null, hands: null }
  const { ready, hooping, stitching, finishing } = record.minutesBy
  const machine = stitching ?? record.forecast?.minutes ?? null
  const parts = [ready, hooping, finishing].filter((one) => one !== undefined)
  if (parts.length > 0) return { machine, hands: parts.reduce((sum, one) => sum + one, 0) }
  return { machine, hands: record.minutes === null || machine === null ? null : Math.max(0, record.minutes - machine) }
}

/** Of those that are known; what is not known is taken to be like them. */
function meanOf(times: readonly Times[], part: keyof Times): number {
  const known = times.flatMap((one) => one[part] ?? [])
  return known.length > 0 ? known.reduce((sum, one) => sum + one, 0) / known.length : 0
}
