import { useDocuments } from '@/state/store'
import { WhenThere } from '@/forms/WhenThere'
import { DesignForm } from './DesignForm'
import { DesignPage } from './DesignPage'

/** A design that was read has a page; one known by its size alone, or still to be made, a form. */
export function DesignRoute({ id }: { id: string }) {
  const design = useDocuments((s) => s.docs.designs[id])
  if (design && design.source !== 'size') return <DesignPage design={design} />
  return (
    <WhenThere collection="designs" id={id}>
      <DesignForm id={id} />
    </WhenThere>
  )
}
