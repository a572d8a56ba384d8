import { DesignCard, Hoop, type Patch, Piece, Shop } from '@thimble/contract'
import { newPiece, type PieceStart, type Shelf } from '@thimble/plan'
import { apply } from 'json-merge-patch'

export const at = '2026-11-23T08:00:00.000Z'
const kept = { createdAt: at, updatedAt: at }

export const mm = (text: string) => ({ text, unit: 'mm' as const })

/** A document with a merge patch laid over it, as the server lays it. */
export const patched = <T extends object>(doc: T, patch: Patch<T>): T => apply(structuredClone(doc), patch) as T

export const shop: Shop = Shop.parse({ name: 'Marram & Tide' })

export const hoop = (id: string, width: number, height: number): Hoop =>
  Hoop.parse({
    ...{ id, ...kept, name: id, field: { shape: 'rect', width, height, cornerRadius: 0 } },
    outside: { width: width + 34, height: height + 50 },
  })

const tern = DesignCard.parse({
  ...{ id: 'tern', ...kept, name: 'Tern over waves', width: 84, height: 62, stitches: 2860 },
  ...{ colours: ['#fdfbf5', '#8fb3d1'], kind: 'fill' },
})

export const shelf: Shelf = {
  shop,
  designs: { tern },
  machines: [],
  hoops: [hoop('square', 100, 100), hoop('snug', 86, 64), hoop('small', 60, 60)],
  supplies: [],
}

/** A size M polo's numbers, from the tape. */
export const measured = {
  chestWidth: mm('21 1/4 in'),
  shoulderToUnderarm: mm('210'),
  neckWidth: mm('180'),
  neckDrop: mm('76'),
}

const crewPolo: PieceStart = {
  ...{ id: 'p', name: 'Crew polo', createdAt: at },
  ...{ item: { kind: 'polo', size: 'm' }, placement: 'left-chest', family: 'pique' },
}

/** A crew polo that nothing was measured of, begun as `start` says, with `patch` laid over it. */
export const polo = (patch: Patch<Piece> = {}, start: Partial<PieceStart> = {}): Piece =>
  Piece.parse(patched(newPiece({ ...crewPolo, ...start }), patch))
