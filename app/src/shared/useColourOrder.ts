import type { DesignCard } from '@thimble/contract'
import { useEffect, useState } from 'react'
import { inDesignWorker } from '@/workers/designClient'
import type { OrderFound } from '@/workers/designWorker'
import { editsOf } from './useOpened'

/** The order with the fewest changes, worked out for the colours as they are, whatever order is in use; null: not known. */
export function useColourOrder(design: DesignCard | null): OrderFound | null {
  const [plan, setPlan] = useState<OrderFound | null>(null)
  const id = design?.source === 'size' ? undefined : design?.id
  const key = JSON.stringify(design && [editsOf(design), { apart: design.apart, roles: design.roles }])
  useEffect(() => {
    if (!id) return
    let gone = false
    const [edits, asked] = JSON.parse(key)
    inDesignWorker((d) => d.order(id, edits, asked)).then(
      (found) => gone || setPlan(found),
      () => gone || setPlan(null),
    )
    return () => {
      gone = true
    }
  }, [id, key])
  return plan
}
