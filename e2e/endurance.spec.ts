import { hostileRun } from './endure/hostile'
import { killMachine } from './endure/killMachine'
import { killRestores } from './endure/killRestores'
import { AT_LEAST, killWrites } from './endure/killWrites'
import { ENDURE, expect, test } from './server'

// More of the same with `npm run endure`.
const KILLS = 3

test('killed at any moment of any write, the shop has all it answered for, and log and ledger agree with it', async () => {
  test.setTimeout(240_000)
  expect(await killWrites(KILLS)).toBeGreaterThanOrEqual(KILLS * AT_LEAST)
})

test('killed while a backup is put in its place, the shop is as the backup says or as it was before', async () => {
  test.setTimeout(240_000)
  await killRestores(1)
})

test('killed while a machine sews, no event that was answered for is lost or doubled', async () => {
  test.setTimeout(240_000)
  await killMachine(KILLS)
})

test('asked whatever may be asked, with bodies at their limits, it fails nobody, holds nobody up and holds little', {
  tag: ENDURE,
}, async () => {
  test.setTimeout(240_000)
  const { failed, stall, memory } = await hostileRun({ requests: 100, seed: 10, oneIn: 9 })
  expect(failed).toEqual([])
  // Beside four other programs on two cores; `npm run endure`, by itself, holds it to 1000.
  expect(stall).toBeLessThan(4000)
  expect(memory).toBeLessThan(600)
})
