import { forecastOf, measuredMinutes } from '@thimble/plan/record'
import { sewnReally, startLists } from '@thimble/plan/stitching'
import { consumptionOfRecord } from '@thimble/plan/consumption'
import { documentsPresent } from '@/state/documentsPresent'
import type { ContextOf } from './usePiece'

const stockWith = (shelf: Parameters<ContextOf>[2]) => ({
  ...shelf,
  ...{
    supplies: documentsPresent('supplies'),
    threads: documentsPresent('threads'),
    bobbins: documentsPresent('bobbins'),
    events: documentsPresent('runEvents'),
  },
})

/** What a record took of the stash, what was measured of it, and the hoop it was really in, as it is kept. */
export const recordNow: ContextOf = (piece, plans, shelf) => {
  const stock = stockWith(shelf)
  const { events } = stock
  const measured = measuredMinutes(piece, events)
  const other = shelf.hoops.find(({ id }) => id === piece.finish.used.hoopId)
  return {
    took: consumptionOfRecord(piece, plans, stock, stock.bobbins, sewnReally(piece, plans, stock, events)),
    forecast: forecastOf(piece, plans, stock),
    ...(Object.keys(measured).length > 0 ? { measured } : {}),
    ...(other ? { hoop: { id: other.id, name: other.name } } : {}),
  }
}

/** The lists before the start as they stand ticked. */
export const startNow: ContextOf = (piece, plans, shelf) =>
  plans.built.stack ? { start: startLists(piece, plans, stockWith(shelf)) } : {}
