import { type Message, message } from '../messages/message'
import { CoreError } from '../errors'

/**
 * What goes into one piece of an order. Money in minor units; lengths of thread in metres; `spoilage`: which part of all
 * pieces fails, 0 to below 1; percentages in percent, 40 for 40 %.
 */
export type CostQuery = {
  quantity: number
  /** What the garment or cloth costs the shop; 0 where the customer brings it. */
  blank: number
  /** What a spoiled blank of the customer's own costs to replace. */
  customersBlank?: number
  threadMetres: number
  threadPer1000m: number
  bobbinMetres: number
  bobbinPer1000m: number
  backing: readonly { areaCm2: number; pricePerM2: number }[]
  needlePrice: number
  /** How long a needle sews. */
  needleHours: number
  machineMinutes: number
  machinePerHour: number
  handMinutes: number
  labourPerHour: number
  spoilage: number
  /** For the order as a whole: drawing, trial, paperwork. */
  setup: number
  pricing: { by: 'margin' | 'mark-up'; percent: number }
  breaks?: readonly { from: number; percentOff: number }[]
}

const bad = (says: Message, path: string): CoreError => new CoreError('bad-cost', says, path)

/** @throws CoreError('bad-cost') for what nothing can be worked out from */
export function checkCost(q: CostQuery): void {
  for (const [path, value] of numbersOf(q))
    if (!Number.isFinite(value) || value < 0) throw bad(message('problem.the-number-cant-be-less'), path)
  if (!Number.isInteger(q.quantity) || q.quantity < 1) throw bad(message('problem.an-order-needs-at-least'), 'quantity')
  if (q.spoilage >= 1) throw bad(message('problem.not-every-piece-can-be'), 'spoilage')
  if (q.needlePrice > 0 && q.needleHours === 0) throw bad(message('problem.a-needles-life-must-be'), 'needleHours')
  if (q.pricing.by === 'margin' && q.pricing.percent >= 100)
    throw bad(message('problem.the-margin-must-be-below'), 'pricing.percent')
  q.breaks?.forEach(({ percentOff }, i) => {
    if (percentOff > 100) throw bad(message('problem.a-discount-cant-be-over'), `breaks.${i}.percentOff`)
  })
}

/** Every number there is, with its path. */
function numbersOf(value: unknown, path = ''): [path: string, value: number][] {
  if (typeof value === 'number') return [[path, value]]
  if (value === null || typeof value !== 'object') return []
  return Object.entries(value).flatMap(([key, inner]) => numbersOf(inner, path ? `${path}.${key}` : key))
}
