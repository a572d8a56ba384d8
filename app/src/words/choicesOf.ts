import type { Called } from '@thimble/core/messages'
import { writeName } from '@thimble/language'

/** Things of the catalogue as choices, by their names in words. */
export const choicesOf = <Id extends string>(things: readonly { id: Id; name: Called }[]): { id: Id; name: string }[] =>
  things.map(({ id, name }) => ({ id, name: writeName(name) }))
