import { type Hours, type OrderOfWork, orderOfWork, cutsOfRun, type KindCut, type PieceWork } from '@thimble/plan/work'
import type { Machine, Supply } from '@thimble/contract'
import { expose } from 'comlink'

/** What takes a while for a long run, away from the page. */
const orderDesk = {
  /** An order for each machine that sews some of the pieces. */
  orders: (
    works: readonly PieceWork[],
    machines: readonly Machine[],
    hours: Hours,
    sequence: readonly string[] | null,
  ): OrderOfWork[] =>
    [...new Set(works.map(({ machine }) => machine.id))].map((id) =>
      orderOfWork(
        works.filter(({ machine }) => machine.id === id),
        machines.find((machine) => machine.id === id),
        hours,
        sequence,
      ),
    ),
  cuts: (works: readonly PieceWork[], supplies: readonly Supply[]): KindCut[] => cutsOfRun(works, supplies),
}
export type OrderDesk = typeof orderDesk

expose(orderDesk)
