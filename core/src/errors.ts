import type { Message } from './messages/message'

/**
 * The one error the core throws. `code` is stable and meant for programs; what it says to a person is one sentence,
 * `said` where that is a message; `path` names the field the trouble is in ('' when the whole input is meant).
 */
export class CoreError extends Error {
  readonly code: string
  readonly path: string
  readonly said: Message | null

  constructor(code: string, says: string | Message, path = '') {
    super(typeof says === 'string' ? says : says[0])
    this.name = 'CoreError'
    this.code = code
    this.path = path
    this.said = typeof says === 'string' ? null : says
  }
}
