import { expose } from 'comlink'
import { CoreError } from '@thimble/core/errors'
import { problemText } from '@thimble/language'

type Work = (...given: unknown[]) => unknown

/** Offers what a worker does. Errors cross by their message alone, so what the core says is put in words here. */
export function exposeInWords(methods: object): void {
  const spoken = Object.entries(methods).map(([name, work]) => [
    name,
    async (...given: unknown[]) => {
      try {
        return await (work as Work).apply(methods, given)
      } catch (error) {
        throw error instanceof CoreError ? new CoreError(error.code, problemText(error), error.path) : error
      }
    },
  ])
  expose(Object.fromEntries(spoken))
}
