import { inWork } from '@thimble/plan'
import { lowBesides, type Need, sumNeeds, wantsOf, type WholeStock } from '@thimble/plan/benchNeeds'
import { useEffect, useMemo, useState } from 'react'
import { useNamed, usePlanShelf } from '@/state/useShelfDocs'

/** What the bench wants, counted piece by piece so that the page answers meanwhile; null until all are. */
export function useNeeds(): { needs: Need[] | null; counted: number; of: number } {
  const all = useNamed('pieces')
  const [threads, needles] = [useNamed('threads'), useNamed('needles')]
  const [bobbins, adhesives] = [useNamed('bobbins'), useNamed('adhesives')]
  const shelf = usePlanShelf()
  const pieces = useMemo(() => all.filter(inWork), [all])
  const stock = useMemo(
    (): WholeStock => ({ ...shelf, threads, needles, bobbins, adhesives }),
    [shelf, threads, needles, bobbins, adhesives],
  )
  const [done, setDone] = useState<{ needs: Need[] | null; counted: number }>({ needs: null, counted: 0 })
  useEffect(() => {
    const wants: Need[] = []
    let next: ReturnType<typeof setTimeout>
    const count = (i: number): void => {
      const piece = pieces[i]
      if (!piece) {
        const needs = sumNeeds(wants)
        return setDone({ needs: [...needs, ...lowBesides(needs, stock)], counted: i })
      }
      wants.push(...wantsOf(piece, stock))
      setDone({ needs: null, counted: i + 1 })
      next = setTimeout(() => count(i + 1))
    }
    next = setTimeout(() => count(0))
    return () => clearTimeout(next)
  }, [pieces, stock])
  return { ...done, of: pieces.length }
}
