import { wrap } from 'comlink'
import type { Photos } from './photoWorker'
import { nanoid } from 'nanoid'

const PATIENCE_MS = 30_000

/**
 * Makes a photo of a file in a worker of its own, which is gone with what it opened once that is done. Answers with its id.
 *
 * @throws Error with a sentence for the person
 */
export async function takePhoto(file: File): Promise<string> {
  const id = nanoid()
  const worker = new Worker(new URL('../workers/photoWorker.ts', window.location.href))
  let timer: ReturnType<typeof setTimeout> | undefined
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener('error', () => reject(new Error('Can’t open photos now. Try again.')))
    timer = setTimeout(() => reject(new Error(`${file.name} takes too long to open.`)), PATIENCE_MS)
  })
  try {
    await Promise.race([wrap<Photos>(worker).take(file, id), broken])
    return id
  } finally {
    clearTimeout(timer)
    worker.terminate()
  }
}
