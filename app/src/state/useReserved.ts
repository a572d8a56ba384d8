import { inWork } from '@thimble/plan'
import { type Reserved, reservedBy, type Stock } from '@thimble/plan/takes'
import { useMemo } from 'react'
import { useDocs, useNamed, usePlanShelf } from './useShelfDocs'

const none: Reserved = new Map()

/** What built pieces will take of each supply and thread, by its id; `but`: a piece that is not counted. */
export function useReserved(but?: string): Reserved {
  const pieces = useDocs('pieces')
  const threads = useNamed('threads')
  const shelf = usePlanShelf()
  const stock = useMemo((): Stock => ({ ...shelf, threads }), [shelf, threads])
  return useMemo(() => {
    const built = pieces.filter((piece) => piece.id !== but && inWork(piece) && piece.build.kept.length > 0)
    return built.length > 0 ? reservedBy(built, stock) : none
  }, [pieces, stock, but])
}
