import { problemText } from '@thimble/language'
import type { Order } from '@thimble/contract'
import type { OrderStatus } from '@thimble/contract/answers'
import { orderChanges, type OrderChanges } from '@thimble/plan/orders'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { ask } from '@/http/client'
import { useDocuments } from '@/state/store'
import { useDocs } from '@/state/useShelfDocs'
import { followSoon } from './followOrder'
import { designsOf, fitOrder, type NamesOut, namesToSet } from './setNames'

/** How an order stands at the server, asked again whenever what changed here is sent; null until it has said. */
export function useOrderStatusAnswer(id: string): { told: OrderStatus | null; look: () => void } {
  const [told, setTold] = useState<OrderStatus | null>(null)
  const look = useCallback(() => void ask<OrderStatus>(`/orders/${id}/standing`).then(setTold, () => undefined), [id])
  // What was typed here last is in it once it is sent.
  const settled = useDocuments((s) => s.waiting === 0)
  useEffect(() => {
    if (settled) look()
  }, [look, settled])
  return { told, look }
}

/** The names of an order as they come out; worked out again as they change. */
function useNamesOut(order: Order): { out: NamesOut | null; problem: string | null } {
  const [state, setState] = useState<{ out: NamesOut | null; problem: string | null }>({ out: null, problem: null })
  useEffect(() => {
    let gone = false
    fitOrder(order).then(
      (out) => gone || setState({ out, problem: null }),
      (error: Error) => gone || setState((last) => ({ ...last, problem: problemText(error) })),
    )
    return () => {
      gone = true
    }
  }, [order])
  return state
}

type OrderStatusView = {
  /** Null until the server has said what is in the log. */
  changes: OrderChanges | null
  on: number
  inLog: number
  toSet: number
  tooLong: number
  problem: string | null
  look: () => void
}

/** What an order says against the pieces there are of it. */
export function useOrderStatus(order: Order): OrderStatusView {
  const { told, look } = useOrderStatusAnswer(order.id)
  const { out, problem } = useNamesOut(order)
  const designs = useDocuments((s) => s.docs.designs)
  const pieces = useDocs('pieces')
  const on = pieces.filter((piece) => piece.order?.id === order.id && piece.finish.kept.length === 0).length
  const finished = useMemo(
    () => new Set((told?.pieces ?? []).filter((one) => one.finishedAt).map((one) => one.id)),
    [told],
  )
  const changes = useMemo(() => {
    if (!out || !told) return null
    const own = pieces.filter((piece) => piece.order?.id === order.id)
    const now = new Date().toISOString()
    return orderChanges(order, own, designsOf(out, designs), { now, inLog: finished })
  }, [order, out, told, finished, pieces, designs])
  // What was left undone when a page was closed in the midst of a change.
  const behind = (changes?.follow.length ?? 0) > 0
  useEffect(() => {
    if (behind) followSoon(order.id)
  }, [behind, order.id])
  const fitted = [...(out?.values() ?? [])].flatMap((names) => [...names.values()])
  return {
    changes,
    on,
    inLog: finished.size,
    toSet: out ? namesToSet(order, out, designs).length : 0,
    tooLong: fitted.filter(({ tooLong, problem: wrong }) => tooLong || wrong).length,
    problem,
    look,
  }
}
