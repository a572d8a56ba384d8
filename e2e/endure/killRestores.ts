import type { ShopFile } from '@thimble/contract/answers'
import { readyDemo } from '../../demo/readyDemo'
import { expect, ShopServer } from '../server'
import { addsUp } from './killWrites'
import { pauseFor } from './untilKilled'

const demo = readyDemo()

/**
 * Kills the program while a backup is put in the place of the shop: afterwards all of it is as the backup says, or all of
 * it as it was before.
 */
export async function killRestores(rounds: number): Promise<void> {
  const shop = await ShopServer.fresh()
  await shop.start()
  await shop.importDemo()
  for (let round = 0; round < rounds; round++) {
    const zip = await (await fetch(`${shop.url}/api/v1/backup`)).arrayBuffer()
    const then = await standing(shop)
    await changeAll(shop, round)
    const before = await standing(shop)
    const headers = { 'content-type': 'application/zip', connection: 'close' }
    const restoring = fetch(`${shop.url}/api/v1/import?how=replace`, { method: 'POST', body: zip, headers }).then(
      ({ status }) => status,
      () => null,
    )
    await pauseFor(20 + ((round * 389) % 700))
    await shop.stop('SIGKILL')
    const answered = await restoring
    await shop.start()
    const now = await standing(shop)
    expect([then, before]).toContain(now)
    if (answered === 200) expect(now).toBe(then)
    addsUp(await shop.send<ShopFile>('GET', '/export'))
  }
  await shop.stop()
  shop.clear()
}

/** Something of every kind that a restore has to undo: made, changed, removed, recorded and cut. */
async function changeAll(shop: ShopServer, round: number): Promise<void> {
  const [polo, done] = [demo.pieces[0]!, demo.pieces.find(({ finish }) => finish.kept.length > 0)!]
  await shop.send('PUT', `/pieces/made-${round}`, { ...polo, id: `made-${round}` })
  await shop.send('PUT', `/pieces/recorded-${round}`, { ...done, id: `recorded-${round}` })
  await shop.send('PATCH', `/hoops/${demo.hoops[0]!.id}`, { note: `round ${round}` })
  await shop.send('PATCH', `/supplies/${demo.supplies[0]!.id}`, { leftMm: 3000 + round })
  const at = new Date().toISOString()
  const cut = { of: 'supplies.leftMm', ofId: demo.supplies[1]!.id, name: 'Backing', kind: 'cut', amount: -7 }
  await shop.send('PUT', `/movements/cut-${round}`, { ...cut, createdAt: at, updatedAt: at })
  await shop.send('PATCH', '/shop', { name: `Round ${round}` })
}

/** All that stands, but for the moments at which it was written. */
async function standing(shop: ShopServer): Promise<string> {
  const { format, version, ...all } = await shop.send<ShopFile>('GET', '/export')
  return JSON.stringify(all, (key, value: unknown) => (key === 'updatedAt' || key === 'revision' ? undefined : value))
}
