import type { CoreError } from '@thimble/core/errors'
import type { LengthStyle } from '@thimble/core/lengths'
import { writeMessage } from './speaker'

/** What an error of the core says to a person, in the worker's units. */
export const problemText = ({ said, message }: CoreError, style?: LengthStyle): string =>
  said ? writeMessage(said, style) : message
