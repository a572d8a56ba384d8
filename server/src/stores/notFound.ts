import { shopComputer as t } from '@thimble/language/en/shopComputer'
/** Asked for something that is not there, or no longer. */
export class NotFound extends Error {
  constructor(readonly id: string) {
    super(t('nothing-is-kept-as-it', { id }))
  }
}

export const UNKNOWN = t('this-name-isnt-known-here')

/** A patch names what the document has no place for. */
export class UnknownKeys extends Error {
  constructor(readonly paths: readonly (readonly string[])[]) {
    super(UNKNOWN)
  }
}

/** A new document is given the id of one that was removed: coming back is another thing, and has a door of its own. */
export class Removed extends Error {
  constructor(readonly id: string) {
    super(t('what-was-kept-under-was', { id }))
  }
}

/** A change to what was removed meanwhile: it is kept only once that is brought back. */
export class ChangeOfRemoved extends Error {
  constructor(readonly id: string) {
    super(t('this-was-removed-bring-it'))
  }
}

/** What is kept cannot be read any more, so nothing can be changed in it. */
export class Unreadable extends Error {
  constructor(readonly id: string) {
    super(t('what-is-kept-under-cant', { id }))
  }
}
