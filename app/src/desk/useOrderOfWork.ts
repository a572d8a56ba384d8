import type { Hours, KindCut, OrderOfWork, PieceWork } from '@thimble/plan/work'
import { useEffect, useState } from 'react'
import { inOrder, type RunShelf } from '@/workers/inOrder'

type Order = { orders: OrderOfWork[]; cuts: KindCut[] }

/** The order of work and the cuts of a run; null while they are worked out. `sequence`: as a hand put its pieces in order. */
export function useOrderOfWork(
  works: PieceWork[] | null,
  { machines, supplies }: RunShelf,
  hours: Hours,
  sequence: readonly string[] | null = null,
) {
  const [order, setOrder] = useState<Order | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  useEffect(() => {
    if (!works) return
    const { done, stop } = inOrder(works, { machines, supplies }, hours, sequence)
    done.then(
      ([orders, cuts]) => {
        setOrder({ orders, cuts })
        setProblem(null)
      },
      (error: unknown) => setProblem((error as Error).message),
    )
    return stop
  }, [works, machines, supplies, hours, sequence])
  return { order, problem }
}
