/** Asked for something that is not there, or no longer. */
export class NotFound extends Error {
  constructor(readonly id: string) {
    super(`Nothing is kept as “${id}”. It may have been removed.`)
  }
}

export const UNKNOWN = 'This name isn’t known here. It may be misspelt, or from another version.'

/** A patch names what the document has no place for. */
export class UnknownKeys extends Error {
  constructor(readonly paths: readonly (readonly string[])[]) {
    super(UNKNOWN)
  }
}

/** A new document is given the id of one that was removed: coming back is another thing, and has a door of its own. */
export class Removed extends Error {
  constructor(readonly id: string) {
    super(`What was kept under “${id}” was removed. Bring it back, or use another id.`)
  }
}

/** A change to what was removed meanwhile: it is kept only once that is brought back. */
export class ChangeOfRemoved extends Error {
  constructor(readonly id: string) {
    super('This was removed. Bring it back to save your change.')
  }
}

/** What is kept cannot be read any more, so nothing can be changed in it. */
export class Unreadable extends Error {
  constructor(readonly id: string) {
    super(`What is kept under “${id}” can’t be read. It’s set aside as it is.`)
  }
}
