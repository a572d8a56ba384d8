import { reading as t } from '@thimble/language/en/reading'
import { type Remote, wrap } from 'comlink'
import type { DesignWorker } from '@/workers/designWorker'

let worker: Worker | null = null
let remote: Remote<DesignWorker> | null = null

/** The worker that reads, measures and changes designs; made when it is first needed. */
export function designWorker(): Remote<DesignWorker> {
  if (!remote) {
    worker = new Worker(new URL('../workers/designWorker.ts', window.location.href))
    worker.addEventListener('error', () => breakOff(t('cant-reach-the-shop-computer')))
    remote = wrap<DesignWorker>(worker)
  }
  return remote
}

const PATIENCE_MS = 30_000
const waiting = new Set<(reason: Error) => void>()

/** Gives up what is under way and says why; the next work is done at a desk set up again. */
function breakOff(why: string): void {
  worker?.terminate()
  worker = null
  remote = null
  for (const reject of waiting) reject(new Error(why))
  waiting.clear()
}

/** Has work done at the desk. What takes for ever is given up. @throws Error with a sentence for the person */
export async function inDesignWorker<T>(work: (d: Remote<DesignWorker>) => Promise<T>): Promise<T> {
  const timer = setTimeout(() => breakOff(t('this-drawing-takes-too-long')), PATIENCE_MS)
  let giveUp: (reason: Error) => void = () => undefined
  const broken = new Promise<never>((_, reject) => waiting.add((giveUp = reject)))
  try {
    return await Promise.race([work(designWorker()), broken])
  } finally {
    clearTimeout(timer)
    waiting.delete(giveUp)
  }
}
