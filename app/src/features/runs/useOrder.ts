import type { Machine, Supply } from '@thimble/contract'
import type { Hours, KindCut, OrderOfWork, PieceWork } from '@thimble/plan/order'
import { useEffect, useState } from 'react'
import { inOrder } from '@/workers/inOrder'

type Shelf = { machines: readonly Machine[]; supplies: readonly Supply[] }
type Order = { orders: OrderOfWork[]; cuts: KindCut[] }

/** The order of work and the cuts of a run; null while they are worked out. */
export function useOrder(works: PieceWork[] | null, { machines, supplies }: Shelf, hours: Hours) {
  const [order, setOrder] = useState<Order | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  useEffect(() => {
    if (!works) return
    const { done, stop } = inOrder(works, { machines, supplies }, hours)
    done.then(
      ([orders, cuts]) => setOrder({ orders, cuts }),
      (error: unknown) => setProblem((error as Error).message),
    )
    return stop
  }, [works, machines, supplies, hours])
  return { order, problem }
}
