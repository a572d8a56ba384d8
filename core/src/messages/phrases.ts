import { designPhrases } from './designPhrases'
import { differencePhrases } from './differencePhrases'
import { placementNames } from './placementNames'
import { placementPhrases } from './placementPhrases'
import { runPhrases } from './runPhrases'

/** Every sentence and name that may be kept, by its id. An id, once kept somewhere, never changes its meaning. */
export const phrases = {
  ...placementNames,
  ...placementPhrases,
  ...designPhrases,
  ...differencePhrases,
  ...runPhrases,
  unknown: 'Noted by a newer version of the program.',
} as const

export type PhraseId = keyof typeof phrases
export type PhraseSlots<Id extends PhraseId> = SlotsIn<(typeof phrases)[Id]>

/** The slots of a phrase by its own text: `{far}` asks for `far`. */
type SlotsIn<Text extends string> = Text extends `${string}{${infer Slot}}${infer Rest}` ? Slot | SlotsIn<Rest> : never
