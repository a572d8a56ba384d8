import { whyOf } from '../messages'
import type { Facts } from './facts'
import type { Because } from './recipeOption'
import type { HoldingMethod } from './recipeQuery'
import { amendments } from './rules/amendments'
import type { BackingLayer } from './rules/backingPlan'

/**
 * A plan's layers put right for the load, the use and the house. A reason is given where something was changed, and
 * where a plan that lays two says by itself what the load or the house asks.
 */
export function amendLayers(
  planned: readonly BackingLayer[],
  f: Facts,
  holding: HoldingMethod,
): { layers: readonly BackingLayer[]; because: Because[] } {
  const applying = planned.length > 0 ? amendments.filter((rule) => rule.when(f)) : []
  let layers = planned
  const because: Because[] = []
  for (const rule of applying) {
    const { id, habit, decided, amend } = rule
    const before = layers
    layers = amend(layers, f, holding)
    if (layers !== before || id.startsWith('layers.'))
      because.push({ rule: id, decided, said: whyOf(rule, f), ...(habit ? { habit } : {}) })
  }
  return { layers, because }
}
