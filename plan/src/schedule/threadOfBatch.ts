import type { Machine } from '@thimble/contract'
import type { PieceWork } from './pieceWork'

/** What a run sews of one thread: `missing` metres, null where nobody knows what is there. */
export type BatchThread = {
  id: string
  name: string
  colour: string
  metres: number
  pieces: number
  missing: number | null
}

/** `fresh`: bobbins to wind beyond what is in the machine; null where it is not known what one holds. */
export type ThreadOfBatch = { threads: BatchThread[]; bobbinMetres: number; fresh: number | null }

/** Thread and bobbins of all pieces of a run together, what is missing most first. */
export function threadOfBatch(works: readonly PieceWork[], machine: Machine | undefined): ThreadOfBatch {
  const byId = new Map<string, BatchThread & { left: number | null }>()
  for (const { id, name, colour, metres, leftM } of works.flatMap(({ threads }) => threads)) {
    const known = byId.get(id)
    const so = (known?.metres ?? 0) + metres
    byId.set(id, {
      ...{ id, name, colour, metres: so, pieces: (known?.pieces ?? 0) + 1, left: leftM },
      missing: leftM === null ? null : Math.max(0, so - leftM),
    })
  }
  const threads = [...byId.values()]
    .map(({ left: _, ...thread }) => thread)
    .sort((a, b) => (b.missing ?? 0) - (a.missing ?? 0) || b.metres - a.metres)
  const bobbinMetres = works.reduce((sum, work) => sum + work.bobbinMetres, 0)
  const wound = machine?.bobbin?.woundM ?? null
  const inIt = Math.max(0, machine?.bobbinM ?? 0)
  return { threads, bobbinMetres, fresh: wound && Math.max(0, Math.ceil((bobbinMetres - inIt) / wound)) }
}
