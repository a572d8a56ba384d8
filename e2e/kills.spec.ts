import type { Movement, RunEvent } from '@thimble/contract'
import type { ShopFile } from '@thimble/contract/answers'
import type { MachineNow, SewingJob } from '@thimble/contract/sewingMachine'
import { logRowOf, planPiece } from '@thimble/plan'
import { jobOf, sewingAtHand } from '@thimble/plan/run'
import { demoShop } from '../demo/demoShop'
import { expect, ShopServer, test } from './server'

/** More of the same with KILLS=200. */
const KILLS = Number(process.env.KILLS ?? 6)
/** So many of them in one shop, which grows with each. */
const A_SHOP = 20
const demo = demoShop('demo')
const polo = demo.pieces.find(({ id }) => id === 'piece-polo-4')!
const done = demo.pieces.find(({ finish }) => finish.kept.length > 0)!
const IMPORTED = 400

/** What was acknowledged: the note last written on a piece, whether it stands, and the imports that came in. */
type Acknowledged = { notes: Map<string, string>; standing: Map<string, boolean>; imports: Set<string> }

test('killed at any moment of any write, the shop has all it answered for, whole imports, a log and a ledger that agree', async () => {
  test.setTimeout(60_000 + KILLS * 8_000)
  for (let first = 0; first < KILLS; first += A_SHOP) {
    const shop = await ShopServer.fresh()
    await shop.start()
    await killRepeatedly(shop, first, Math.min(first + A_SHOP, KILLS))
    await shop.stop()
    shop.clear()
  }
})

async function killRepeatedly(shop: ShopServer, first: number, end: number): Promise<void> {
  await shop.importDemo()
  const acknowledged: Acknowledged = { notes: new Map(), standing: new Map(), imports: new Set() }
  for (let round = first; round < end; round++) {
    const writers = [
      edits(shop, acknowledged, round),
      comesAndGoes(shop, acknowledged, round),
      imports(shop, acknowledged, round),
    ]
    await new Promise((resolve) => setTimeout(resolve, 40 + ((round * 977) % 900)))
    await shop.stop('SIGKILL')
    await Promise.all(writers)
    await shop.start()
    await compare(shop, acknowledged, round)
  }
}

/** Writes until the server is gone. */
async function untilKilled(write: (i: number) => Promise<void>): Promise<void> {
  for (let i = 0; ; i++)
    try {
      await write(i)
    } catch {
      return
    }
}

const edits = (shop: ShopServer, { notes }: Acknowledged, round: number) =>
  untilKilled(async (i) => {
    const note = `round ${round}, note ${i}`
    await shop.send('PATCH', `/pieces/${i % 2 ? polo.id : done.id}`, { note, finish: { note } })
    notes.set(i % 2 ? polo.id : done.id, note)
  })

const comesAndGoes = (shop: ShopServer, { standing }: Acknowledged, round: number) =>
  untilKilled(async (i) => {
    const id = `come-${round}-${i}`
    await shop.send('PUT', `/pieces/${id}`, { ...(i % 2 ? polo : done), id })
    standing.set(id, true)
    if (i % 3 > 0) return
    standing.delete(id)
    await shop.send('DELETE', `/pieces/${id}`)
    standing.set(id, false)
  })

const imports = (shop: ShopServer, acknowledged: Acknowledged, round: number) =>
  untilKilled(async (i) => {
    const { format, version, shop: settings } = demo
    const run = `import ${round}-${i}`
    const pieces = Array.from({ length: IMPORTED }, (_, k) => ({ ...polo, id: `in-${round}-${i}-${k}`, run }))
    await shop.send('POST', '/import', { format, version, shop: settings, pieces })
    acknowledged.imports.add(run)
  })

async function compare(shop: ShopServer, { notes, standing, imports }: Acknowledged, round: number): Promise<void> {
  const whole = await shop.send<ShopFile>('GET', '/export')
  const { pieces } = whole
  addsUp(whole)
  const kept = new Map(pieces.map((piece) => [piece.id, piece]))
  const numberOf = (note: string | undefined) => Number(/note (\d+)$/.exec(note ?? '')?.[1] ?? -1)
  for (const [id, note] of notes)
    if (note.startsWith(`round ${round},`)) expect(numberOf(kept.get(id)?.note)).toBeGreaterThanOrEqual(numberOf(note))
  expect([...standing].filter(([id, stands]) => kept.has(id) !== stands)).toEqual([])
  const counts = new Map<string, number>()
  for (const { run } of pieces) if (run.startsWith('import ')) counts.set(run, (counts.get(run) ?? 0) + 1)
  expect([...counts.values()].filter((count) => count !== IMPORTED)).toEqual([])
  expect([...imports].filter((run) => !counts.has(run))).toEqual([])
  const rows = await shop.send<{ pieceId: string }[]>('GET', '/log?limit=200')
  const finished = pieces.filter((piece) => logRowOf(piece)).map(({ id }) => id)
  if (finished.length <= 200) expect(rows.map(({ pieceId }) => pieceId).sort()).toEqual(finished.sort())
  for (const { pieceId } of rows)
    expect(logRowOf(kept.get(pieceId)!)).toEqual(rows.find((row) => row.pieceId === pieceId))
}

/** What is left of each thing is what was found last and what moved since; a piece in the log took what it says, once. */
function addsUp({ pieces, movements, supplies, threads }: ShopFile): void {
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

/** The apron as a machine is given it, on its own thread changes. */
function apronJob(): SewingJob {
  const apron = demo.pieces.find(({ id }) => id === 'piece-apron-2')!
  const stock = { ...demo, designs: Object.fromEntries(demo.designs.map((design) => [design.id, design])) }
  const plans = planPiece(apron, stock)
  const card = demo.designs.find(({ id }) => id === apron.measure.designId)!
  return jobOf(apron, plans.marked, sewingAtHand(apron, plans, stock)!, { card, bobbinM: null, from: 0 })!
}

/** What a machine told of itself, and what a hand was answered for. */
type Told = { last: MachineNow | null; hand: Set<string> }

const MACHINE = '/devices/machines/machine-boatyard'

/** Sews, threads whenever that is asked, and hears what the machine tells, until the server is gone. */
async function sews(shop: ShopServer, told: Told): Promise<void> {
  const press = (asked: object) => shop.send<MachineNow>('POST', `${MACHINE}/press`, asked)
  try {
    const now = await shop.send<MachineNow>('GET', MACHINE)
    if (now.state === 'parked' || now.why === 'end') await shop.send('PUT', `${MACHINE}/job`, apronJob())
    await press({ press: 'pace', pace: 10 })
    const events = await fetch(`${shop.url}/api/v1${MACHINE}/events`)
    await press({ press: now.state === 'waiting-for-colour' ? 'threaded' : 'start' })
    let text = ''
    for await (const chunk of events.body!.pipeThrough(new TextDecoderStream()) as unknown as AsyncIterable<string>) {
      text += chunk
      const lines = text.split('\n')
      text = lines.pop()!
      for (const line of lines) {
        if (!line.startsWith('data: {')) continue
        told.last = JSON.parse(line.slice(6)) as MachineNow
        if (told.last.state === 'waiting-for-colour') void press({ press: 'threaded' }).catch(() => undefined)
        if (told.last.why === 'thread-break') void press({ press: 'start' }).catch(() => undefined)
      }
    }
  } catch {
    // Killed.
  }
}

const taps = (shop: ShopServer, { hand }: Told, round: number) =>
  untilKilled(async (i) => {
    const [id, at] = [`tap-${round}-${i}`, new Date().toISOString()]
    const event = { name: 'Apron', piece: 'piece-apron-2', kind: 'shift', stitch: i, createdAt: at, updatedAt: at }
    await shop.send('PUT', `/runEvents/${id}`, { ...event, revision: 0 })
    hand.add(id)
  })

test('killed while a machine sews, no event that was answered for is lost or doubled, and it goes on where it last told', async () => {
  test.setTimeout(60_000 + KILLS * 8_000)
  const shop = await ShopServer.fresh()
  await shop.start()
  await shop.importDemo()
  const told: Told = { last: null, hand: new Set() }
  for (let round = 0; round < KILLS; round++) {
    const under = [sews(shop, told), taps(shop, told, round)]
    await new Promise((resolve) => setTimeout(resolve, 300 + ((round * 977) % 900)))
    await shop.stop('SIGKILL')
    await Promise.all(under)
    await shop.start()
    const [now, events] = [
      await shop.send<MachineNow>('GET', MACHINE),
      await shop.send<RunEvent[]>('GET', '/pieces/piece-apron-2/run'),
    ]
    const ids = events.map(({ id }) => id)
    expect(new Set(ids).size).toBe(ids.length)
    expect([...told.hand].filter((id) => !ids.includes(id))).toEqual([])
    const machine = events.filter(({ by }) => by === 'machine')
    expect(machine.filter(({ kind }) => kind === 'started').length).toBeLessThanOrEqual(1)
    expect(now.state).not.toBe('stitching')
    // What was told was remembered first; one report may have been on its way.
    const { last } = told
    if (last && last.why !== 'end') {
      expect(now.stitch).toBeGreaterThanOrEqual(last.stitch)
      expect(now.stitch).toBeLessThanOrEqual(last.stitch + Math.max(1, last.rate) + 40)
    }
    if (now.why === 'power') expect(machine.at(-1)).toMatchObject({ kind: 'power', stitch: now.stitch })
  }
  await shop.stop()
  shop.clear()
})
