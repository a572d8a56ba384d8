import { problemText } from '@thimble/language'

/** The same work, whose errors say in words what they mean. */
export const inWords =
  <T>(work: () => T) =>
  (): T => {
    try {
      return work()
    } catch (error) {
      throw Object.assign(error as Error, { message: problemText(error as Error) })
    }
  }
