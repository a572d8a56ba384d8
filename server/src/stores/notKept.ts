/** Asked for something that is not there, or no longer. */
export class NotKept extends Error {
  constructor(readonly id: string) {
    super(`Nothing is kept under “${id}”; it may have been removed.`)
  }
}

export const UNKNOWN = 'Nothing of this name is known here; it may be misspelt, or from another version.'

/** A patch names what the document has no place for. */
export class UnknownKeys extends Error {
  constructor(readonly paths: readonly (readonly string[])[]) {
    super(UNKNOWN)
  }
}
