import { inWork } from '@thimble/plan'
import { type Need, type Stock, sumNeeds, wantsOf } from '@thimble/plan/benchNeeds'
import { useEffect, useMemo, useState } from 'react'
import { useNamed, usePlanShelf } from '@/state/useShelfDocs'

/** What the bench wants, counted piece by piece so that the page answers meanwhile; null until all are. */
export function useNeeds(): { needs: Need[] | null; counted: number; of: number } {
  const all = useNamed('pieces')
  const threads = useNamed('threads')
  const shelf = usePlanShelf()
  const pieces = useMemo(() => all.filter(inWork), [all])
  const stock = useMemo((): Stock => ({ ...shelf, threads }), [shelf, threads])
  const [done, setDone] = useState<{ needs: Need[] | null; counted: number }>({ needs: null, counted: 0 })
  useEffect(() => {
    const wants: Need[] = []
    let next: ReturnType<typeof setTimeout>
    const count = (i: number): void => {
      const piece = pieces[i]
      if (!piece) return setDone({ needs: sumNeeds(wants), counted: i })
      wants.push(...wantsOf(piece, stock))
      setDone({ needs: null, counted: i + 1 })
      next = setTimeout(() => count(i + 1))
    }
    next = setTimeout(() => count(0))
    return () => clearTimeout(next)
  }, [pieces, stock])
  return { ...done, of: pieces.length }
}
