import { forecastOf, measuredMinutes } from '@thimble/plan/record'
import { sewnReally, startLists } from '@thimble/plan/run'
import { takesOfRecord } from '@thimble/plan/takes'
import { standing } from '@/state/standing'
import type { Beside } from './usePiece'

const stockWith = (shelf: Parameters<Beside>[2]) => ({
  ...shelf,
  ...{
    supplies: standing('supplies'),
    threads: standing('threads'),
    bobbins: standing('bobbins'),
    events: standing('runEvents'),
  },
})

/** What a record took of the stash, what was measured of it, and the hoop it was really in, as it is kept. */
export const recordNow: Beside = (piece, plans, shelf) => {
  const stock = stockWith(shelf)
  const { events } = stock
  const measured = measuredMinutes(piece, events)
  const other = shelf.hoops.find(({ id }) => id === piece.finish.used.hoopId)
  return {
    took: takesOfRecord(piece, plans, stock, stock.bobbins, sewnReally(piece, plans, stock, events)),
    forecast: forecastOf(piece, plans, stock),
    ...(Object.keys(measured).length > 0 ? { measured } : {}),
    ...(other ? { hoop: { id: other.id, name: other.name } } : {}),
  }
}

/** The lists before the start as they stand ticked. */
export const startNow: Beside = (piece, plans, shelf) =>
  plans.built.stack ? { start: startLists(piece, plans, stockWith(shelf)) } : {}
