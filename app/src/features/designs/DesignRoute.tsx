import { useShelf } from '@/state/store'
import { DesignForm } from './DesignForm'
import { DesignPage } from './DesignPage'

/** A design that was read has a page; one known by its size alone, or still to be made, a form. */
export function DesignRoute({ id }: { id: string }) {
  const design = useShelf((s) => s.docs.designs[id])
  return design && design.source !== 'size' ? <DesignPage design={design} /> : <DesignForm id={id} />
}
