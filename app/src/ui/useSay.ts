import type { Message } from '@thimble/core/messages'
import { speakerFor } from '@thimble/language'
import { useDocuments } from '@/state/store'

/** Makes words of messages, in the shop's units. */
export function useSay(): (message: Message) => string {
  const unit = useDocuments((s) => s.shop.unit)
  const fraction = useDocuments((s) => s.shop.fraction)
  return speakerFor({ unit, fraction }).say
}
