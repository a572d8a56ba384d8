import type { Movement, Order } from '@thimble/contract'
import type { ShopFile } from '@thimble/contract/answers'
import { logRowOf } from '@thimble/plan'
import { readyDemo } from '../../demo/readyDemo'
import { tinyPicture } from '../../server/tests/pictures'
import { expect, ShopServer } from '../server'
import { pauseFor, untilKilled } from './untilKilled'

/** So many kills in one shop, which grows with each. */
const A_SHOP = 10
/** Of each round, however slow the machine is: a kill before anything was answered for shows nothing. */
export const AT_LEAST = 4
const demo = readyDemo()
const polo = demo.pieces.find(({ id }) => id === 'piece-polo-4')!
const done = demo.pieces.find(({ finish }) => finish.kept.length > 0)!
const [IMPORTED, ORDERED] = [400, 12]

/** What was answered for: the note last written on a piece, what stands, whole imports and orders, and things made once. */
class Acknowledged {
  readonly notes = new Map<string, string>()
  readonly standing = new Map<string, boolean>()
  readonly imports = new Set<string>()
  readonly orders = new Set<string>()
  readonly movements = new Set<string>()
  readonly photos = new Set<string>()
  /** Backups that were read through; none is written to again. */
  readonly backups = new Set<string>()
  count = 0

  /** Notes what was answered for. */
  note(change: () => unknown): void {
    change()
    this.count++
  }
}

/**
 * Kills the program at any moment under writes of every kind: all that was answered for is there, imports and orders whole
 * or not at all, and log and ledger agree with it. Answers how many changes it answered for.
 */
export async function killWrites(rounds: number): Promise<number> {
  let answered = 0
  for (let first = 0; first < rounds; first += A_SHOP) {
    const shop = await ShopServer.fresh()
    await shop.start()
    await shop.importDemo()
    const acknowledged = new Acknowledged()
    for (let round = first; round < Math.min(first + A_SHOP, rounds); round++) await killOnce(shop, acknowledged, round)
    await shop.stop()
    shop.clear()
    answered += acknowledged.count
  }
  return answered
}

async function killOnce(shop: ShopServer, acknowledged: Acknowledged, round: number): Promise<void> {
  const all = [edits, comesAndGoes, imports, orders, movements, photos, backups]
  const writers = all.map((write) => write(shop, acknowledged, round))
  const before = acknowledged.count
  await pauseFor(100 + ((round * 577 + 400) % 1500))
  while (acknowledged.count < before + AT_LEAST) await pauseFor(10)
  await shop.stop('SIGKILL')
  await Promise.all(writers)
  await shop.start()
  await compare(shop, acknowledged, round)
}

const edits = (shop: ShopServer, so: Acknowledged, round: number) =>
  untilKilled(async (i) => {
    const [id, note] = [i % 2 ? polo.id : done.id, `round ${round}, note ${i}`]
    await shop.send('PATCH', `/pieces/${id}`, { note, finish: { note } })
    so.note(() => so.notes.set(id, note))
  })

const comesAndGoes = (shop: ShopServer, so: Acknowledged, round: number) =>
  untilKilled(async (i) => {
    const id = `come-${round}-${i}`
    await shop.send('PUT', `/pieces/${id}`, { ...(i % 2 ? polo : done), id })
    so.note(() => so.standing.set(id, true))
    if (i % 3 > 0) return
    so.standing.delete(id)
    await shop.send('DELETE', `/pieces/${id}`)
    so.note(() => so.standing.set(id, false))
  })

const imports = (shop: ShopServer, so: Acknowledged, round: number) =>
  untilKilled(async (i) => {
    const { format, version, shop: settings } = demo
    const run = `import ${round}-${i}`
    const pieces = Array.from({ length: IMPORTED }, (_, k) => ({ ...polo, id: `in-${round}-${i}-${k}`, run }))
    await shop.send('POST', '/import', { format, version, shop: settings, pieces })
    so.note(() => so.imports.add(run))
  })

/** An order and its pieces, which are made all at once. */
const orders = (shop: ShopServer, so: Acknowledged, round: number) =>
  untilKilled(async (i) => {
    const id = `order-${round}-${i}`
    await shop.send('PUT', `/orders/${id}`, { ...demo.orders[0]!, id } satisfies Order)
    const pieces = Array.from({ length: ORDERED }, (_, k) => {
      const order = { id, line: 'line', row: `row-${k}`, place: 'place' }
      return { ...polo, id: `${id}-${k}`, run: id, order: { ...polo.order, ...order } }
    })
    await shop.send('POST', `/orders/${id}/pieces`, { designs: [], pieces })
    so.note(() => so.orders.add(id))
  })

const movements = (shop: ShopServer, so: Acknowledged, round: number) =>
  untilKilled(async (i) => {
    const [id, at] = [`cut-${round}-${i}`, new Date().toISOString()]
    const of = { of: 'supplies.leftMm', ofId: demo.supplies[0]!.id, name: 'Backing', kind: 'cut', amount: -1 }
    await shop.send('PUT', `/movements/${id}`, { ...of, id, createdAt: at, updatedAt: at })
    so.note(() => so.movements.add(id))
  })

const photos = (shop: ShopServer, so: Acknowledged, round: number) =>
  untilKilled(async (i) => {
    const id = `photo-${round}-${i}`
    const [body, headers] = [
      new Uint8Array(tinyPicture(i % 200)),
      { 'content-type': 'image/jpeg', connection: 'close' },
    ]
    const answer = await fetch(`${shop.url}/api/v1/photos/${id}`, { method: 'PUT', body, headers })
    if (answer.ok) so.note(() => so.photos.add(id))
    await pauseFor(20)
  })

/** Backups, taken and broken off; what they wrote is looked at when all is over. */
const backups = (shop: ShopServer) =>
  untilKilled(async (i) => {
    if (i % 2) await shop.send('POST', '/backups')
    else {
      const answer = await fetch(`${shop.url}/api/v1/backup`, { headers: { connection: 'close' } })
      await answer.body!.cancel()
    }
    await pauseFor(30)
  })

async function compare(shop: ShopServer, so: Acknowledged, round: number): Promise<void> {
  const whole = await shop.send<ShopFile>('GET', '/export')
  const { pieces } = whole
  addsUp(whole)
  const kept = new Map(pieces.map((piece) => [piece.id, piece]))
  const numberOf = (note: string | undefined) => Number(/note (\d+)$/.exec(note ?? '')?.[1] ?? -1)
  for (const [id, note] of so.notes)
    if (note.startsWith(`round ${round},`)) expect(numberOf(kept.get(id)?.note)).toBeGreaterThanOrEqual(numberOf(note))
  expect([...so.standing].filter(([id, stands]) => kept.has(id) !== stands)).toEqual([])
  const counts = new Map<string, number>()
  for (const { run } of pieces) if (/^(import |order-)/.test(run)) counts.set(run, (counts.get(run) ?? 0) + 1)
  for (const [run, count] of counts) expect([run, count]).toEqual([run, run.startsWith('import ') ? IMPORTED : ORDERED])
  expect([...so.imports, ...so.orders].filter((run) => !counts.has(run))).toEqual([])
  const there = new Set([...whole.movements, ...whole.photos].map(({ id }) => id))
  expect([...so.movements, ...so.photos].filter((id) => !there.has(id))).toEqual([])
  await logAgrees(shop, kept)
  for (const { name } of (await shop.send<{ kept: { name: string }[] }>('GET', '/backups')).kept) {
    if (so.backups.has(name)) continue
    so.backups.add(name)
    const zip = await (await fetch(`${shop.url}/api/v1/backups/${name}`)).arrayBuffer()
    const headers = { 'content-type': 'application/zip' }
    expect((await fetch(`${shop.url}/api/v1/import?dry=true`, { method: 'POST', body: zip, headers })).status).toBe(200)
  }
}

async function logAgrees(shop: ShopServer, kept: ReadonlyMap<string, ShopFile['pieces'][number]>): Promise<void> {
  const rows = await shop.send<{ pieceId: string }[]>('GET', '/log?limit=200')
  const finished = [...kept.values()].filter((piece) => logRowOf(piece)).map(({ id }) => id)
  if (finished.length <= 200) expect(rows.map(({ pieceId }) => pieceId).sort()).toEqual(finished.sort())
  for (const row of rows) expect(logRowOf(kept.get(row.pieceId)!)).toEqual(row)
}

/** What is left of each thing is what was found last and what moved since; a piece in the log took what it says, once. */
export function addsUp({ pieces, movements, supplies, threads }: ShopFile): void {
  const inOrder = [...movements].sort((a, b) => (a.createdAt + a.id < b.createdAt + b.id ? -1 : 1))
  const left = new Map<string, number>()
  for (const { of, ofId, amount, found } of inOrder) {
    const key = `${of}/${ofId}`
    left.set(key, found ?? (left.get(key) ?? 0) + amount)
  }
  const shown = [
    ...supplies.map(({ id, leftMm }) => [`supplies.leftMm/${id}`, leftMm] as const),
    ...threads.map(({ id, leftM }) => [`threads.leftM/${id}`, leftM] as const),
  ].filter(([key]) => left.has(key))
  expect(shown.length).toBeGreaterThan(3)
  for (const [key, number] of shown) expect([key, Math.abs(number! - left.get(key)!) < 1e-3]).toEqual([key, true])
  const ofPiece = new Map<string | null, Movement[]>()
  for (const movement of movements) ofPiece.set(movement.piece, [...(ofPiece.get(movement.piece) ?? []), movement])
  const took = ({ of, ofId, amount }: Pick<Movement, 'of' | 'ofId' | 'amount'>) => [of, ofId, Math.abs(amount)]
  for (const { id, finish } of pieces) {
    const says = (finish.kept[0]?.took ?? []).map(took).sort()
    expect([id, (ofPiece.get(id) ?? []).map(took).sort()]).toEqual([id, says])
  }
}
