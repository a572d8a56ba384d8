import type { RecordDecision } from '@thimble/contract'
import { dialledText } from '@thimble/plan'

/** What was dialled in, hooping by hooping; once where it was the same for all of them, empty where it is not known. */
export function dialsText(dialled: readonly RecordDecision['dialled'][number][]): string {
  const said = dialled.map(dialledText)
  if (new Set(said).size <= 1) return said[0] ?? ''
  return said.map((one, i) => `${i + 1}: ${one}`).join('; ')
}
