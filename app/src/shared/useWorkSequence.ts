import { problemText } from '@thimble/language'
import type { Hours, KindCut, WorkSequence, PieceWork } from '@thimble/plan/schedule'
import { useEffect, useState } from 'react'
import { workOutSequence, type SequenceShelf } from '@/workers/sequenceClient'

type Order = { orders: WorkSequence[]; cuts: KindCut[] }

/** The order of work and the cuts of a run; null while they are worked out. `sequence`: as a hand put its pieces in order. */
export function useWorkSequence(
  works: PieceWork[] | null,
  { machines, supplies }: SequenceShelf,
  hours: Hours,
  sequence: readonly string[] | null = null,
) {
  const [order, setOrder] = useState<Order | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  useEffect(() => {
    if (!works) return
    const { done, stop } = workOutSequence(works, { machines, supplies }, hours, sequence)
    done.then(
      ([orders, cuts]) => {
        setOrder({ orders, cuts })
        setProblem(null)
      },
      (error: unknown) => setProblem(problemText(error as Error)),
    )
    return stop
  }, [works, machines, supplies, hours, sequence])
  return { order, problem }
}
