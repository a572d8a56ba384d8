import { hostileRun } from './hostile'
import { killMachine } from './killMachine'
import { killRestores } from './killRestores'
import { killWrites } from './killWrites'

const KILLS = Number(process.env.KILLS ?? 200)
const REQUESTS = Number(process.env.REQUESTS ?? 25_000)
const SEED = Number(process.env.SEED ?? 13)
/** No one waits longer, and the server never holds more. */
const [MOST_STALL_MS, MOST_MB] = [1000, 600]

/** Kills in three shares (under writes, restores and a machine at work), then hostile requests; each says what it came to. */
async function endure(): Promise<void> {
  console.log(`KILLS=${KILLS} REQUESTS=${REQUESTS} SEED=${SEED}`)
  const share = Math.ceil(KILLS / 5)
  const answered = await killWrites(KILLS - 2 * share)
  console.log(`${KILLS - 2 * share} kills under writes: none of ${answered} changes it answered for was lost`)
  await killRestores(share)
  console.log(`${share} kills under restores: each whole or not at all`)
  await killMachine(share)
  console.log(`${share} kills under a machine at work: no event lost or doubled`)
  const { asked, failed, stall, memory } = await hostileRun({ requests: REQUESTS, seed: SEED })
  console.log(
    `${asked} hostile requests: ${failed.length} failed, longest wait of another ${Math.round(stall)} ms, most memory ${Math.round(memory)} MB`,
  )
  for (const one of failed.slice(0, 20)) console.log(`  ${one}`)
  if (failed.length > 0 || stall > MOST_STALL_MS || memory > MOST_MB) throw new Error('It did not endure.')
}

endure().catch((error: unknown) => {
  console.error(error)
  process.exit(1)
})
