import type { Batch } from './checkBatch'
import type { Part } from './readParts'

/** Enough to be worth a message to another thread, and few enough to be done soon. */
const [MOST_BYTES, MOST_PARTS] = [400_000, 400]

/** Parts of one list together, in their order, each batch with memory of its own. */
export async function* inBatches(parts: AsyncIterable<Part>, now: string): AsyncGenerator<Batch> {
  let gathered: Part[] = []
  let size = 0
  for await (const part of parts) {
    const [first] = gathered
    if (first && (first.list !== part.list || size + part.json.length > MOST_BYTES || gathered.length >= MOST_PARTS)) {
      yield batchOf(gathered, size, now)
      gathered = []
      size = 0
    }
    gathered.push(part)
    size += part.json.length
  }
  if (gathered.length > 0) yield batchOf(gathered, size, now)
}

function batchOf(parts: readonly Part[], size: number, now: string): Batch {
  const { list, at } = parts[0]!
  const bytes = new Uint8Array(size)
  const ends: number[] = []
  let end = 0
  for (const { json } of parts) {
    bytes.set(json, end)
    ends.push((end += json.length))
  }
  return { list, at, now, bytes, ends }
}
