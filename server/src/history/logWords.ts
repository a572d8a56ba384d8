import { holdingNames, layerNames, faultNames, verdictNames } from '@thimble/language'
import type { LogRow } from '@thimble/contract/log'

/** All that a piece of the log is found by. */
export function wordsOf(row: LogRow): string {
  const { name, customer, run, note, cloth, swatch, item, placement, design, hoop, machine, needle, size } = row
  const { layers, holding, verdict, faults } = row
  return [
    ...[name, customer, run, note, cloth, swatch, item.name, placement.name, design?.name, hoop?.name, machine?.name],
    ...[needle, size, holding && holdingNames[holding], verdict && verdictNames[verdict]],
    ...(layers ?? []).map((kind) => layerNames[kind]),
    ...faults.map((fault) => faultNames[fault]),
  ]
    .filter(Boolean)
    .join(' ')
}

/** Endings that a word as typed may have and the word in the log not. */
const ENDING = /(ings?|ies|ers?|ed|es|in|s|i|y|e)$/
/** Shorter than this a word is not cut. */
const STEM = 3

/**
 * What is typed as the full-text index asks it: every word, from its beginning, with or without its ending. Null where
 * nothing is asked for.
 */
export function matchOf(typed: string): string | null {
  const words =
    typed
      .normalize('NFC')
      .toLowerCase()
      .match(/[\p{L}\p{N}\p{M}]+/gu) ?? []
  return words.length > 0 ? words.map(anyEnding).join(' AND ') : null
}

function anyEnding(word: string): string {
  const stem = word.replace(ENDING, '')
  // What is cut begins what was typed: it finds that too.
  return `"${[...stem].length >= STEM ? stem : word}"*`
}
