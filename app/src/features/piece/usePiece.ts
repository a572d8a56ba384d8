import { piece as t } from '@thimble/language/en/piece'
import type { Difference, Patch, Piece, StageId } from '@thimble/contract'
import {
  type BuildPlan,
  type HoopPlan,
  isDone,
  decideStage,
  type Marked,
  type MeasurePlan,
  openDifferences,
  type PiecePlans,
  type Shelf,
  sharedPart,
} from '@thimble/plan'
import { madeByHand } from '@thimble/plan/madeByHand'
import { useCallback, useMemo } from 'react'
import { selectBuild, selectBuilt, selectHoop, selectMarked, selectMeasure } from '@/state/plans'
import { patch, patchUndoably } from '@/sync/changes'
import { store, useDocuments } from '@/state/store'
import { useFreeShelf } from '@/state/useFreeShelf'
import { siblingsNow } from '@/state/siblings'

export type PieceTools = {
  piece: Piece
  plan: MeasurePlan
  /** Where the design lies: as decided, or as planned. */
  marked: Marked
  shelf: Shelf
  /** `says`: what was taken away, where it is to be brought back. */
  set: (body: Patch<Piece>, says?: string) => void
  /** Marks a stage done, as it stands; false where there is nothing to decide yet. */
  keep: (stage: StageId, beside?: ContextOf) => boolean
}

/** What is kept with a stage beside what it decides, of the piece as it stands this moment. */
export type ContextOf = (piece: Piece, plans: PiecePlans, shelf: Shelf) => Parameters<typeof decideStage>[4]

/** One piece with its plan, and the way to change it. */
export function usePieceTools(piece: Piece): PieceTools {
  const { id } = piece
  const shelf = useFreeShelf(id)
  const shared = piece.item.shared
  const set = useCallback(
    (body: Patch<Piece>, says?: string) => {
      const part = sharedPart(body)
      const open = part ? siblingsNow({ id, shared }).filter((one) => one.finish.kept.length === 0) : []
      const ids = [id, ...open.map((one) => one.id)]
      const bodyOf = (one: string): Patch<Piece> | null => {
        const made = one === id ? body : part
        const piece = store.getState().shelf.docs.pieces[one]
        return made && piece ? madeByHand(piece, made) : made
      }
      if (says) return patchUndoably(ids, bodyOf, says)
      for (const one of ids) patch('pieces', one, bodyOf(one)!)
    },
    [id, shared],
  )
  const keep = useCallback(
    (stage: StageId, beside?: ContextOf): boolean => {
      // The ticket may lag behind a quick hand: what is decided is the piece as typed this moment.
      const now = store.getState().shelf.docs.pieces[id]
      if (!now) return false
      const plans = plansOf(now, shelf)
      const change = decideStage(now, stage, plans, new Date().toISOString(), beside?.(now, plans, shelf))
      if (!change) return false
      // A record takes of the stash: that has a way back.
      if (stage === 'finish') patchUndoably([id], () => change, t('is-in-the-log', { name: now.name }))
      else patch('pieces', id, change)
      return true
    },
    [id, shelf],
  )
  const plan = selectMeasure(piece, shelf)
  const marked = selectMarked(piece, shelf)
  return useMemo(() => ({ piece, plan, marked, shelf, set, keep }), [piece, plan, marked, shelf, set, keep])
}

/** All plans of a piece at once. */
export const plansOf = (piece: Piece, shelf: Shelf): PiecePlans => ({
  measure: selectMeasure(piece, shelf),
  marked: selectMarked(piece, shelf),
  build: selectBuild(piece, shelf),
  built: selectBuilt(piece, shelf),
  hoop: selectHoop(piece, shelf),
})

/** What would come out otherwise than a stage has it; of a piece in the log only while the stage is open again. */
export function useOpenDifferences(
  { piece, shelf }: Pick<PieceTools, 'piece' | 'shelf'>,
  stage: StageId,
): Difference[] {
  const { reopened, kept } = piece[stage]
  const quiet = kept.length === 0 || (!reopened && isDone(piece, 'finish'))
  return useMemo(
    () => (quiet ? [] : openDifferences(piece, stage, plansOf(piece, shelf))),
    [quiet, piece, stage, shelf],
  )
}

type Planned = Pick<PieceTools, 'piece' | 'plan' | 'marked' | 'shelf'>

/**
 * The piece as typed this moment, for what has to follow at once: it listens for itself, so that the ticket, which is
 * large, may come after.
 */
export function useLivePiece(id: string): Planned | null {
  const piece = useDocuments((s) => s.docs.pieces[id])
  const shelf = useFreeShelf(id)
  if (!piece) return null
  return { piece, shelf, plan: selectMeasure(piece, shelf), marked: selectMarked(piece, shelf) }
}

export const useBuildPlan = ({ piece, shelf }: Planned): BuildPlan => selectBuild(piece, shelf)
export const useBuilt = ({ piece, shelf }: Planned) => selectBuilt(piece, shelf)
export const useHoopPlan = ({ piece, shelf }: Planned): HoopPlan => selectHoop(piece, shelf)
