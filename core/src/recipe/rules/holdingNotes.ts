import type { WhyId } from '../../messages'

type HoldingNote = { id: WhyId }

/** What is said of a way of holding for which no rule of its own speaks. */
export const holdingNotes = {
  /** Said by records of earlier versions; today the answer is that nothing is left. */
  lastResort: {
    id: 'hold.last-resort',
  },
  floatedFreely: {
    id: 'hold.nothing-against-floating',
  },
  heldFreely: {
    id: 'hold.nothing-against',
  },
} satisfies Record<string, HoldingNote>
