import { Design, Hoop, Piece, SavedItem, Supply, Thread } from '@thimble/contract'

/** The collections the app keeps a copy of, by their name on the wire. */
export type Docs = { pieces: Piece; hoops: Hoop; supplies: Supply; threads: Thread; designs: Design; items: SavedItem }
export type Resource = keyof Docs
export const resources: readonly Resource[] = ['pieces', 'hoops', 'supplies', 'threads', 'designs', 'items']

export const schemas = {
  pieces: Piece,
  hoops: Hoop,
  supplies: Supply,
  threads: Thread,
  designs: Design,
  items: SavedItem,
} as const

/**
 * What a document has when nothing is said of it: a merge patch takes a key away by null, and what was kept before a
 * key was known lacks it.
 */
const emptied: Record<Resource, object> = {
  pieces: {
    due: null,
    itemId: null,
    customItem: null,
    choices: {},
    zones: [],
    row: { count: '', gap: { text: '', unit: 'mm' }, ends: '', margin: { text: '', unit: 'mm' } },
    markWith: null,
    carried: null,
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
  threads: { leftM: null },
  designs: {
    smallestLetterMm: null,
    source: 'size',
    change: { scale: 1, rotate: 0, mirror: 'none' },
    order: null,
    summary: null,
  },
  items: {},
}

export const withEmpties = <R extends Resource>(resource: R, doc: object): Docs[R] => {
  const whole = { ...emptied[resource], ...doc } as Docs[R]
  if (resource === 'designs') {
    const { summary } = whole as Design
    return {
      ...whole,
      summary: summary && { ...summary, longest: summary.longest ?? null, shortest: summary.shortest ?? null },
    }
  }
  if (resource !== 'pieces') return whole
  const piece = whole as Piece
  return {
    ...piece,
    anchors: { down: piece.anchors?.down ?? null, across: piece.anchors?.across ?? null },
    record: { ...piece.record, verdict: piece.record.verdict ?? null, stack: piece.record.stack ?? null },
  } as Docs[R]
}
