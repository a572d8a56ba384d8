import type { Piece } from '@thimble/contract'
import { stageAt } from '@thimble/plan'
import { type PieceWork, pieceWork } from '@thimble/plan/schedule'
import type { Stock } from '@thimble/plan/consumption'
import { useEffect, useState } from 'react'

type BatchWork = {
  /** Pieces that are still to be stitched and can be planned, as they were given; null until all are looked at. */
  works: PieceWork[] | null
  /** Nothing can be said of these yet. */
  unknown: Piece[]
  seen: number
  of: number
}

/** What a run's pieces ask, looked at piece by piece so that the page answers meanwhile. */
export function useBatchWork(pieces: readonly Piece[], stock: Stock): BatchWork {
  const [found, setFound] = useState<BatchWork>({ works: null, unknown: [], seen: 0, of: 0 })
  useEffect(() => {
    const toSew = pieces.filter((piece) => stageAt(piece) !== 'finish')
    const works: PieceWork[] = []
    const unknown: Piece[] = []
    let next: ReturnType<typeof setTimeout>
    const look = (i: number): void => {
      const piece = toSew[i]
      if (!piece) return setFound({ works, unknown, seen: i, of: i })
      const work = pieceWork(piece, stock)
      if (work) works.push(work)
      else unknown.push(piece)
      setFound({ works: null, unknown: [], seen: i + 1, of: toSew.length })
      next = setTimeout(() => look(i + 1))
    }
    next = setTimeout(() => look(0))
    return () => clearTimeout(next)
  }, [pieces, stock])
  return found
}
