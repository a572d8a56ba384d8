/**
 * The one error the core throws. `code` is stable and meant for programs, `message` is one sentence meant
 * for a person, `path` names the field the trouble is in ('' when the whole input is meant).
 */
export class CoreError extends Error {
  readonly code: string
  readonly path: string

  constructor(code: string, message: string, path = '') {
    super(message)
    this.name = 'CoreError'
    this.code = code
    this.path = path
  }
}
