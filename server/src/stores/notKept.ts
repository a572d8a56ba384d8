/** Asked for something that is not there, or no longer. */
export class NotKept extends Error {
  constructor(readonly id: string) {
    super(`Nothing is kept under “${id}”; it may have been removed.`)
  }
}
