import type { Facts } from '../facts'

export type HoldingNote = { id: string; text: (f: Facts) => string }

/** What is said of a way of holding for which no rule of its own speaks. */
export const holdingNotes = {
  /** Said by records of earlier versions; today the answer is that nothing is left. */
  lastResort: {
    id: 'hold.last-resort',
    text: () => 'Nothing holds this well. Float it, baste it, and try a lighter design or smaller hoop.',
  },
  floatedFreely: {
    id: 'hold.nothing-against-floating',
    text: () => 'Fine for this cloth and design.',
  },
  heldFreely: {
    id: 'hold.nothing-against',
    text: () => 'Fine for this cloth and design.',
  },
} satisfies Record<string, HoldingNote>
