type Bytes = Uint8Array | string

/** Longer than this no reader may leave an answer untaken: what it reads from stays open meanwhile. */
const PATIENCE_MS = 60_000

/**
 * A body made of `parts`, each asked for when the one before was taken. However it ends (read to its end, cancelled, an
 * error, or nobody takes it for a minute) `parts` is told to return, so that its `finally` blocks run, and no error goes
 * unheard. A body that fails breaks off instead of ending, so that half a file is not taken for a whole one.
 */
export function streamed(parts: AsyncIterable<Bytes>, patienceMs = PATIENCE_MS): ReadableStream<Uint8Array> {
  const source = parts[Symbol.asyncIterator]()
  const encoder = new TextEncoder()
  let waiting: NodeJS.Timeout | undefined
  let stopped = false
  const stop = async (): Promise<void> => {
    stopped = true
    clearTimeout(waiting)
    await source.return?.().catch(reportError)
  }
  return new ReadableStream<Uint8Array>({
    async pull(controller) {
      clearTimeout(waiting)
      try {
        const { done, value } = await source.next()
        if (stopped) return
        if (done) return controller.close()
        controller.enqueue(typeof value === 'string' ? encoder.encode(value) : value)
        waiting = setTimeout(() => {
          controller.error(new Error('Nobody takes the rest of it.'))
          void stop()
        }, patienceMs)
        waiting.unref()
      } catch (error) {
        if (stopped) return
        reportError(error)
        controller.error(error)
      }
    },
    cancel: stop,
  })
}

const reportError = (error: unknown): void => console.error(`${new Date().toISOString()} An answer broke off:`, error)
