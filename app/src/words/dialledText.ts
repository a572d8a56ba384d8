import type { RecordDecision } from '@thimble/contract'
import { writeMessage } from '@thimble/core/messages'
import { dialMessage } from '@thimble/plan'

/** What was dialled in, hooping by hooping; said once where it was the same for all of them. */
export function dialledText(dialled: readonly RecordDecision['dialled'][number][]): string {
  const said = dialled.map((dial) => writeMessage(dialMessage(dial)))
  if (new Set(said).size <= 1) return said[0] ?? ''
  return said.map((one, i) => `${i + 1}: ${one}`).join(' ')
}
