import { type Piece, stageDoneAt, type StageId } from '@thimble/contract'
import { useCallback, useMemo } from 'react'
import { type PiecePlan, planBuild, planHoop, planMeasure, type Shelf } from '@/plan/planPiece'
import { patch, useShelf } from '@/state/store'
import { usePlanShelf } from '../useShelfDocs'
import { sharedPart } from './shared'
import { siblingsNow } from './useSiblings'

export type PieceTools = {
  piece: Piece
  plan: PiecePlan
  shelf: Shelf
  set: (body: object) => void
  setDone: (stage: StageId, done: boolean) => void
}

/** One piece with its plan, and the way to change it. */
export function usePieceTools(piece: Piece): PieceTools {
  const shelf = usePlanShelf()
  const plan = useMemo(() => planOf(piece, shelf), [piece, shelf])
  const { id, itemId } = piece
  const set = useCallback(
    (body: object) => {
      patch('pieces', id, body)
      const shared = sharedPart(body)
      if (shared) for (const one of siblingsNow({ id, itemId })) if (!one.finishedAt) patch('pieces', one.id, shared)
    },
    [id, itemId],
  )
  const setDone = useCallback(
    (stage: StageId, done: boolean) => set({ [stageDoneAt[stage]]: done ? new Date().toISOString() : null }),
    [set],
  )
  return { piece, plan, shelf, set, setDone }
}

/**
 * The piece as typed this moment, for what has to follow at once: it listens for itself, so that the ticket, which is
 * large, may come after.
 */
export function useLivePiece(id: string): Pick<PieceTools, 'piece' | 'plan' | 'shelf'> | null {
  const piece = useShelf((s) => s.docs.pieces[id])
  const shelf = usePlanShelf()
  return useMemo(() => (piece ? { piece, shelf, plan: planOf(piece, shelf) } : null), [piece, shelf])
}

let last: { piece: Piece; shelf: Shelf; plan: PiecePlan } | null = null

/** The plan of a piece, worked out once for all that ask in the same moment. */
function planOf(piece: Piece, shelf: Shelf): PiecePlan {
  if (
    last?.piece !== piece ||
    last.shelf.shop !== shelf.shop ||
    last.shelf.designs !== shelf.designs ||
    last.shelf.hoops !== shelf.hoops
  )
    last = { piece, shelf, plan: planMeasure(piece, shelf) }
  return last.plan
}

type Planned = Pick<PieceTools, 'piece' | 'plan' | 'shelf'>

export const useBuildPlan = ({ piece, plan, shelf }: Planned) =>
  useMemo(() => planBuild(piece, plan, shelf), [piece, plan, shelf])
export const useHoopPlan = ({ piece, plan, shelf }: Planned) =>
  useMemo(() => planHoop(piece, plan, shelf), [piece, plan, shelf])
