import type { CoreError } from '@thimble/core/errors'
import type { LengthStyle } from '@thimble/core/lengths'
import { writeMessage } from './speaker'

type Saying = Error & Partial<Pick<CoreError, 'said'>>

/** What an error says to a person; one of the core in the worker's units. */
export const problemText = ({ said, message }: Saying, style?: LengthStyle): string =>
  said ? writeMessage(said, style) : message
