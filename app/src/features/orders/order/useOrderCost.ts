import { orders as t } from '@thimble/language/en/orders'
import type { Order } from '@thimble/contract'
import { type CostedLine, costOfOrder } from '@thimble/plan/orders'
import type { WorkSequence } from '@thimble/plan/schedule'
import { useMemo } from 'react'
import { useHours } from '@/shared/useHours'
import { useWorkSequence } from '@/shared/useWorkSequence'
import { useBatchStock } from '@/shared/useBatchStock'
import { useBatchWork } from '@/shared/useBatchWork'
import { useDocuments } from '@/state/store'
import { useDocs, useNamed } from '@/state/useShelfDocs'

export type OrderCost = {
  /** Null while it is worked out, and where no piece is there to count with. */
  lines: CostedLine[] | null
  /** Some of it is sewn, so that what is left stands for all. */
  begun: boolean
  /** Lines none of whose pieces is planned. */
  unplanned: string[]
  problem: string | null
  orders: readonly WorkSequence[]
  says: string
}

/** What an order costs by its pieces as they are planned: those in work stand for all of their line. */
export function useOrderCost(order: Order): OrderCost {
  const all = useDocs('pieces')
  const pieces = useMemo(
    () => all.filter((piece) => piece.order?.id === order.id && piece.finish.kept.length === 0),
    [all, order.id],
  )
  const stock = useBatchStock(pieces)
  const { hours } = useHours()
  const { works, seen, of } = useBatchWork(pieces, stock)
  const { order: worked, problem } = useWorkSequence(works, stock, hours, order.sequence)
  const prices = usePrices()
  const shop = useDocuments((s) => s.shop)
  const costed = useMemo(() => {
    if (!works || !worked) return null
    const seconds = worked.orders.reduce((sum, one) => sum + one.seconds, 0)
    return costOfOrder(order, { works, pieces, cuts: worked.cuts, seconds, shop, prices })
  }, [order, works, worked, pieces, shop, prices])
  return {
    lines: costed?.lines ?? null,
    begun: costed?.begun ?? false,
    unplanned: costed?.unplanned ?? [],
    problem: costed?.problem ?? problem,
    orders: worked?.orders ?? [],
    says: pieces.length === 0 ? '' : works ? t('working-it-out') : t('looking-at-of-pieces', { seen, of }),
  }
}

function usePrices() {
  const [threads, supplies] = [useNamed('threads'), useNamed('supplies')]
  const [needles, bobbins] = [useNamed('needles'), useNamed('bobbins')]
  return useMemo(() => ({ threads, supplies, needles, bobbins }), [threads, supplies, needles, bobbins])
}
