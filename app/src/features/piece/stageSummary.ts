import type { StageId } from '@thimble/contract'
import { placedWords } from '@thimble/plan'
import { holdingNames } from '@thimble/core/recipe'
import { verdictNames } from '@thimble/core/outcomes'
import { stackSummary } from '@/words/stackWords'
import type { PieceTools } from './usePiece'

type Summary = (tools: PieceTools) => string

const summaries: Record<StageId, Summary> = {
  measure: ({ piece, plan }) => placedWords(piece, plan.style, plan) ?? 'Still to be measured',
  build: ({ piece: { build } }) => {
    const [kept] = build.kept
    if (!kept) return 'What goes underneath, and on top'
    return kept.stack ? stackSummary(kept.stack) : 'Without a recipe'
  },
  hoop: ({ piece: { hoop }, shelf }) => {
    const [kept] = hoop.kept
    if (kept) return `${kept.hoop?.name ?? 'Hoop not noted'}, ${holdingNames[kept.holding].toLowerCase()}`
    const picked = shelf.hoops.find((h) => h.id === hoop.hoopId)
    return picked ? `${picked.name}, holding open` : 'Which hoop, and how it is held'
  },
  stitch: ({ piece: { stitch } }) => {
    const [kept] = stitch.kept
    if (!kept) return 'The list before the start'
    const skipped = kept.list.filter((line) => !line.ticked).length
    return skipped > 0 ? `Stitched, ${skipped} of the list skipped` : 'Stitched'
  },
  finish: ({ piece: { finish } }) => {
    const [record] = finish.kept
    if (!record) return 'Finishing steps, then the record'
    return record.verdict ? `In the log: ${verdictNames[record.verdict].toLowerCase()}` : 'In the log'
  },
}

/** A folded stage in one line: what was decided, or what is to be. */
export const stageSummary = (stage: StageId, tools: PieceTools): string => summaries[stage](tools)
