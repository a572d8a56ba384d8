import type { Piece } from '@thimble/contract'
import { reservedBy, type Stock } from '@thimble/plan/consumption'
import { useMemo } from 'react'
import { selectBuiltPieces, selectStock } from '@/state/stockSelectors'
import { useDocuments } from '@/state/store'
import { useNamed, usePlanShelf } from '@/state/useShelfDocs'

/** The stash as a run finds it: what built pieces beside it will take is not there for it, as on their tickets. */
export function useBatchStock(pieces: readonly Piece[]): Stock {
  const shelf = usePlanShelf()
  const threads = useNamed('threads')
  const built = useDocuments(selectBuiltPieces)
  const whole = useDocuments(selectStock)
  return useMemo(() => {
    const own = new Set(pieces.map(({ id }) => id))
    const reserved = reservedBy(
      built.filter(({ id }) => !own.has(id)),
      whole,
    )
    const taken = (id: string): number => reserved.get(id)?.amount ?? 0
    return {
      ...shelf,
      supplies: shelf.supplies.map((supply) => ({ ...supply, leftMm: supply.leftMm - taken(supply.id) })),
      threads: threads.map((thread) =>
        thread.leftM === null ? thread : { ...thread, leftM: Math.max(0, thread.leftM - taken(thread.id)) },
      ),
    }
  }, [pieces, shelf, threads, built, whole])
}
