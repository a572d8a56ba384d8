import type { Order } from '@thimble/contract'
import { shareOut } from '@thimble/core/money'
import { garmentsOf, linesOf } from './garments'

/** An order's set-up in minor units, shared by its lines as they have garments; nothing is lost: the shares sum to it. */
export function setupShares(order: Pick<Order, 'lines' | 'setup'>): ReadonlyMap<string, number> {
  const lines = linesOf(order).map(([id, line]): [string, number] => [id, garmentsOf(line).length])
  const all = lines.reduce((sum, [, count]) => sum + count, 0)
  const setup = order.setup ?? 0
  const shares =
    all === 0
      ? lines.map(() => 0)
      : shareOut(
          lines.map(([, count]) => (count / all) * setup),
          setup,
        )
  return new Map(lines.map(([id], i) => [id, shares[i]!]))
}
