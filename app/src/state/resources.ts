import { Design, Hoop, Piece, Supply } from '@thimble/contract'

/** The collections the app keeps a copy of, by their name on the wire. */
export type Docs = { pieces: Piece; hoops: Hoop; supplies: Supply; designs: Design }
export type Resource = keyof Docs
export const resources: readonly Resource[] = ['pieces', 'hoops', 'supplies', 'designs']

export const schemas = { pieces: Piece, hoops: Hoop, supplies: Supply, designs: Design } as const

/** Keys that may be null: a merge patch takes such a key away, and it comes back as null. */
const emptied: Record<Resource, object> = {
  pieces: {
    due: null,
    designId: null,
    stack: null,
    hoopId: null,
    holding: null,
    measuredAt: null,
    builtAt: null,
    hoopedAt: null,
    stitchedAt: null,
    finishedAt: null,
  },
  hoops: { notchOffset: null, maxThicknessMm: null },
  supplies: {},
  designs: { smallestLetterMm: null },
}

export const withEmpties = <R extends Resource>(resource: R, doc: object): Docs[R] => {
  const whole = { ...emptied[resource], ...doc } as Docs[R]
  if (resource !== 'pieces') return whole
  const piece = whole as Piece
  return {
    ...piece,
    record: { ...piece.record, verdict: piece.record.verdict ?? null, stack: piece.record.stack ?? null },
  } as Docs[R]
}
