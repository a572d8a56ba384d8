import { type Remote, wrap } from 'comlink'
import type { DesignDesk } from '@/workers/designWorker'

let worker: Worker | null = null
let remote: Remote<DesignDesk> | null = null

/** The worker that reads, measures and changes drawings; made when it is first needed. */
export function desk(): Remote<DesignDesk> {
  if (!remote) {
    worker = new Worker(new URL('../workers/designWorker.ts', window.location.href))
    remote = wrap<DesignDesk>(worker)
  }
  return remote
}

const PATIENCE_MS = 30_000

/** A drawing that takes for ever is given up, and the desk is set up anew for the next one. */
export async function atDesk<T>(work: (d: Remote<DesignDesk>) => Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => {
      worker?.terminate()
      worker = null
      remote = null
      reject(new Error('This drawing takes too long to work out. Simplify it where it was made.'))
    }, PATIENCE_MS)
  })
  try {
    return await Promise.race([work(desk()), late])
  } finally {
    clearTimeout(timer)
  }
}
