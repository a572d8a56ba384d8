import { collections } from '@thimble/contract'
import { parentPort } from 'node:worker_threads'
import { type Batch, checkBatch } from './checkBatch'

// The program of a thread that looks through a shop file's things (`checkers`).
parentPort!.on('message', (batch: Batch) => {
  const checked = checkBatch(collections, batch)
  const moved = 'lines' in checked ? [checked.lines.buffer, checked.moves.buffer] : []
  parentPort!.postMessage(checked, moved as ArrayBuffer[])
})
