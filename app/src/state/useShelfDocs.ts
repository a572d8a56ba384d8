import type { CollectionName, DesignCard, Docs } from '@thimble/contract'
import type { Shelf } from '@thimble/plan'
import { useMemo } from 'react'
import { useDocuments } from './store'

/** All of one collection that is not removed. */
export function useDocs<Name extends CollectionName>(resource: Name): Docs[Name][] {
  const docs = useDocuments((s) => s.docs[resource])
  const gone = useDocuments((s) => s.gone[resource])
  return useMemo(() => (Object.values(docs) as Docs[Name][]).filter((doc) => !gone[doc.id]), [docs, gone])
}

const byName = (a: { name: string }, b: { name: string }): number => a.name.localeCompare(b.name)

export function useNamed<Name extends CollectionName>(resource: Name): Docs[Name][] {
  const docs = useDocs(resource)
  return useMemo(() => [...docs].sort(byName), [docs])
}

/** Designs as they lie on the shelf; names set for orders are with their pieces. */
export function useShelvedDesigns(): DesignCard[] {
  const designs = useNamed('designs')
  return useMemo(() => designs.filter(({ ofOrder }) => !ofOrder), [designs])
}

/** The shelf in the shape plans are made from. */
export function usePlanShelf(): Shelf {
  const shop = useDocuments((s) => s.shop)
  const designs = useDocuments((s) => s.docs.designs)
  const machines = useNamed('machines')
  const hoops = useNamed('hoops')
  const supplies = useNamed('supplies')
  const corrections = useDocs('corrections')
  const record = useDocuments((s) => s.record)
  return useMemo(
    () => ({ shop, designs, machines, hoops, supplies, corrections, ...(record ? { record } : {}) }),
    [shop, designs, machines, hoops, supplies, corrections, record],
  )
}
