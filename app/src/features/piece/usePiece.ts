import { type Piece, stageDoneAt, type StageId } from '@thimble/contract'
import { useCallback, useMemo } from 'react'
import { type PiecePlan, planBuild, planHoop, planMeasure, type Shelf } from '@/plan/planPiece'
import { patch } from '@/state/store'
import { usePlanShelf } from '../useShelfDocs'
import { sharedPart } from './shared'
import { useSiblings } from './useSiblings'

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
  const plan = useMemo(() => planMeasure(piece, shelf), [piece, shelf])
  const siblings = useSiblings(piece)
  const set = useCallback(
    (body: object) => {
      patch('pieces', piece.id, body)
      const shared = sharedPart(body)
      if (shared) for (const one of siblings) if (!one.finishedAt) patch('pieces', one.id, shared)
    },
    [piece.id, siblings],
  )
  const setDone = useCallback(
    (stage: StageId, done: boolean) => set({ [stageDoneAt[stage]]: done ? new Date().toISOString() : null }),
    [set],
  )
  return { piece, plan, shelf, set, setDone }
}

export const useBuildPlan = ({ piece, plan, shelf }: PieceTools) =>
  useMemo(() => planBuild(piece, plan, shelf), [piece, plan, shelf])
export const useHoopPlan = ({ piece, plan, shelf }: PieceTools) =>
  useMemo(() => planHoop(piece, plan, shelf), [piece, plan, shelf])
