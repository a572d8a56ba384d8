import type { Patch, Piece } from '@thimble/contract'

/** The parts of a piece that are its plan; what was measured of it, ticked or done is its own. */
const planKeys = {
  measure: [
    'placement',
    'distances',
    'choices',
    'anchors',
    'zones',
    'row',
    'designId',
    'ownDesign',
    'ownChange',
    'markWith',
  ],
  build: ['cloth', 'use', 'thread', 'stack'],
  hoop: ['hoopId', 'holding', 'machineId', 'turn', 'lineUp'],
} as const

const aboutKeys = ['name', 'customer', 'due', 'run', 'item'] as const

/** Whether a change of a piece changes what its order says of it, or its plan, so that it follows its line no more. */
const changesPlan = (body: Patch<Piece>): boolean =>
  aboutKeys.some((key) => key in body) ||
  Object.entries(planKeys).some(([stage, keys]) => {
    const part = body[stage as keyof typeof planKeys] as Record<string, unknown> | undefined | null
    // Marking a stage done writes what was decided along with it.
    return Boolean(part) && !('kept' in part!) && keys.some((key) => key in part!)
  })

/** A change made by hand, after which a piece that followed its line is its own where it changed its plan. */
export const madeByHand = (piece: Pick<Piece, 'order'>, body: Patch<Piece>): Patch<Piece> =>
  piece.order?.follows && changesPlan(body) ? { ...body, order: { follows: false } } : body
