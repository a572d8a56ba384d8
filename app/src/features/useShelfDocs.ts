import { useMemo } from 'react'
import type { Docs, Resource } from '@/state/resources'
import { useShelf } from '@/state/store'

/** All of one collection that is not removed. */
export function useDocs<R extends Resource>(resource: R): Docs[R][] {
  const docs = useShelf((s) => s.docs[resource])
  const gone = useShelf((s) => s.gone[resource])
  return useMemo(() => (Object.values(docs) as Docs[R][]).filter((doc) => !gone[doc.id]), [docs, gone])
}

const byName = (a: { name: string }, b: { name: string }): number => a.name.localeCompare(b.name)

export function useNamed<R extends 'hoops' | 'supplies' | 'threads' | 'designs' | 'items'>(resource: R): Docs[R][] {
  const docs = useDocs(resource)
  return useMemo(() => [...docs].sort(byName), [docs])
}

/** The shelf in the shape plans are made from. */
export function usePlanShelf() {
  const shop = useShelf((s) => s.shop)
  const designs = useShelf((s) => s.docs.designs)
  const hoops = useNamed('hoops')
  const supplies = useNamed('supplies')
  return useMemo(() => ({ shop, designs, hoops, supplies }), [shop, designs, hoops, supplies])
}
