import {
  type Hours,
  type WorkSequence,
  workSequence,
  cutsOfBatch,
  type KindCut,
  type PieceWork,
} from '@thimble/plan/schedule'
import type { Machine, Supply } from '@thimble/contract'
import { exposeInWords } from './exposeInWords'

/** What takes a while for a long run, away from the page. */
const sequenceWorker = {
  /** An order for each machine that sews some of the pieces. */
  orders: (
    works: readonly PieceWork[],
    machines: readonly Machine[],
    hours: Hours,
    sequence: readonly string[] | null,
  ): WorkSequence[] =>
    [...new Set(works.map(({ machine }) => machine.id))].map((id) =>
      workSequence(
        works.filter(({ machine }) => machine.id === id),
        machines.find((machine) => machine.id === id),
        hours,
        sequence,
      ),
    ),
  cuts: (works: readonly PieceWork[], supplies: readonly Supply[]): KindCut[] => cutsOfBatch(works, supplies),
}
export type SequenceWorker = typeof sequenceWorker

exposeInWords(sequenceWorker)
