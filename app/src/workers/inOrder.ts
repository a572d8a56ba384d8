import type { Machine, Supply } from '@thimble/contract'
import type { Hours, KindCut, OrderOfWork, PieceWork } from '@thimble/plan/work'
import { type Remote, wrap } from 'comlink'
import type { OrderDesk } from './orderWorker'

export type RunShelf = { machines: readonly Machine[]; supplies: readonly Supply[] }

/** Puts a run in order and lays out its cuts, away from the page; `stop` gives it up. */
export function inOrder(
  works: readonly PieceWork[],
  { machines, supplies }: RunShelf,
  hours: Hours,
  sequence: readonly string[] | null,
) {
  const worker = new Worker(new URL('../workers/orderWorker.ts', window.location.href))
  const desk: Remote<OrderDesk> = wrap<OrderDesk>(worker)
  const broken = new Promise<never>((_, reject) =>
    worker.addEventListener('error', () =>
      reject(new Error('What puts runs in order could not be fetched; the server is away.')),
    ),
  )
  const both: Promise<[OrderOfWork[], KindCut[]]> = Promise.all([
    desk.orders(works, machines, hours, sequence),
    desk.cuts(works, supplies),
  ])
  return { done: Promise.race([both, broken]), stop: () => worker.terminate() }
}
