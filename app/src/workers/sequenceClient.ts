import type { Machine, Supply } from '@thimble/contract'
import type { Hours, KindCut, WorkSequence, PieceWork } from '@thimble/plan/schedule'
import { type Remote, wrap } from 'comlink'
import type { SequenceWorker } from './sequenceWorker'

export type SequenceShelf = { machines: readonly Machine[]; supplies: readonly Supply[] }

/** Puts a run in order and lays out its cuts, away from the page; `stop` gives it up. */
export function workOutSequence(
  works: readonly PieceWork[],
  { machines, supplies }: SequenceShelf,
  hours: Hours,
  sequence: readonly string[] | null,
) {
  const worker = new Worker(new URL('../workers/sequenceWorker.ts', window.location.href))
  const desk: Remote<SequenceWorker> = wrap<SequenceWorker>(worker)
  const broken = new Promise<never>((_, reject) =>
    worker.addEventListener('error', () => reject(new Error('Can’t reach the shop computer to plan the order.'))),
  )
  const both: Promise<[WorkSequence[], KindCut[]]> = Promise.all([
    desk.orders(works, machines, hours, sequence),
    desk.cuts(works, supplies),
  ])
  return { done: Promise.race([both, broken]), stop: () => worker.terminate() }
}
