import type { RunEvent } from '@thimble/contract'
import type { MachineNow, SewingJob } from '@thimble/contract/sewingMachine'
import { planPiece } from '@thimble/plan'
import { jobOf, sewingAtHand } from '@thimble/plan/stitching'
import { readyDemo } from '../../demo/readyDemo'
import { expect, ShopServer } from '../server'
import { untilKilled } from './untilKilled'

const demo = readyDemo()

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

/** A piece's events are listed up to 5000, and each round adds some fifty. */
const ROUNDS_A_SHOP = 25

/** Kills the program while a machine sews: no event that was answered for is lost or doubled, and it goes on where it last told. */
export async function killMachine(rounds: number): Promise<void> {
  for (let left = rounds; left > 0; left -= ROUNDS_A_SHOP) await killInOneShop(Math.min(left, ROUNDS_A_SHOP))
}

async function killInOneShop(rounds: number): Promise<void> {
  const shop = await ShopServer.fresh()
  await shop.start()
  await shop.importDemo()
  const told: Told = { last: null, hand: new Set() }
  for (let round = 0; round < rounds; round++) {
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
    // An event's id is that of the job it tells of and its number there. A job that came to its end was given again.
    const begun = machine.filter(({ kind }) => kind === 'started').map(({ id }) => id.replace(/-\d+$/, ''))
    expect(new Set(begun).size).toBe(begun.length)
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
}
