import { type CostPart, costParts } from './costParts'
import { checkCost, type CostQuery } from './costQuery'
import { roundHalfUp, shareOut } from './shareOut'

/** All in minor units: the parts of one piece, which sum to its cost; what is asked for it; and that for the quantity. */
export type CostBreakdown = { parts: Record<CostPart, number>; cost: number; price: number; total: number }

const MINUTES = 60
const METRES = 1000
const CM2_IN_M2 = 10_000

/**
 * What one piece costs, by part, and what is asked for it. Spoilage is what of all that is spent goes into pieces that
 * fail, a customer's own blank at its replacement among it; the set-up is shared over the quantity. Nothing is lost in
 * rounding: the parts sum to the cost, and the price is rounded once.
 *
 * Source: core.md section 11, craft.md section 12.
 *
 * @returns minor units (pence, cents)
 * @throws CoreError('bad-cost') with its path: a number that is negative or none, a quantity that is no whole number from 1 up,
 *   spoilage of 1 or more, a margin of 100 % or more, a break of over 100 %, a needle that lasts no time
 * @example pieceCost({ quantity: 12, blank: 650, threadMetres: 30, threadPer1000m: 120, … , pricing: { by: 'margin', percent: 40 } }).price
 */
export function pieceCost(q: CostQuery): CostBreakdown {
  checkCost(q)
  const parts = exactParts(q)
  const cost = roundHalfUp(costParts.reduce((sum, part) => sum + parts[part], 0))
  const whole = shareOut(
    costParts.map((part) => parts[part]),
    cost,
  )
  const price = priceOf(cost, q)
  return {
    parts: Object.fromEntries(costParts.map((part, i) => [part, whole[i]!])) as Record<CostPart, number>,
    ...{ cost, price, total: price * q.quantity },
  }
}

function exactParts(q: CostQuery): Record<CostPart, number> {
  const direct = {
    blank: q.blank,
    thread: (q.threadMetres / METRES) * q.threadPer1000m,
    bobbin: (q.bobbinMetres / METRES) * q.bobbinPer1000m,
    backing: q.backing.reduce((sum, { areaCm2, pricePerM2 }) => sum + (areaCm2 / CM2_IN_M2) * pricePerM2, 0),
    needle: q.needlePrice === 0 ? 0 : (q.needlePrice * q.machineMinutes) / (MINUTES * q.needleHours),
    machine: (q.machineMinutes / MINUTES) * q.machinePerHour,
    labour: (q.handMinutes / MINUTES) * q.labourPerHour,
  }
  const base = Object.values(direct).reduce((sum, part) => sum + part, 0)
  return {
    ...direct,
    spoilage: ((base + (q.customersBlank ?? 0)) * q.spoilage) / (1 - q.spoilage),
    setup: q.setup / q.quantity,
  }
}

/** Of the breaks a quantity reaches, the one for the most pieces. */
function priceOf(cost: number, { quantity, pricing, breaks = [] }: CostQuery): number {
  const share = pricing.percent / 100
  const asked = pricing.by === 'margin' ? cost / (1 - share) : cost * (1 + share)
  const [reached] = breaks.filter(({ from }) => from <= quantity).sort((a, b) => b.from - a.from)
  return roundHalfUp(asked * (1 - (reached?.percentOff ?? 0) / 100))
}
