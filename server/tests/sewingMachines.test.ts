import type { RunEvent } from '@thimble/contract'
import {
  MACHINE_OF_NO_NAME,
  type MachineCommandInput,
  type MachineNow,
  MachineCommand,
  type SewingJob,
} from '@thimble/contract/sewingMachine'
import { mkdtempSync, rmSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { openDatabase, ShopStore } from '@thimble/server'
import { SewingMachines } from '../src/devices/sewing/sewingMachines'

const MACHINE = MACHINE_OF_NO_NAME
const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-sews-'))
const square = { shape: 'rect', width: 100, height: 100, cornerRadius: 0 } as const
const asRead = { scale: 1, rotate: 0, mirror: 'none' } as const
const block = (colour: string, over: Partial<SewingJob['blocks'][number]> = {}): SewingJob['blocks'][number] => ({
  ...{ block: 0, copy: 0, colour, stitches: 100, seconds: 10, bobbinMetres: 1, halt: null },
  ...over,
})

/** 40 mm square in the middle of the field, unless said otherwise. */
const job = (over: Partial<SewingJob> = {}): SewingJob => ({
  ...{ piece: 'piece-1', name: 'A badge', hooping: 0, bobbinM: null, from: 0 },
  hoop: { id: null, name: 'Square 100', field: square },
  design: {
    ...{ id: null, change: asRead, order: null, colours: [], own: null, scale: 1 },
    hull: [
      { x: -20, y: -20 },
      { x: 20, y: -20 },
      { x: 20, y: 20 },
      { x: -20, y: 20 },
    ],
  },
  copies: [{ x: 0, y: 0, rotation: 0 }],
  blocks: [block('#aa0000', { halt: 'colour' }), block('#0000aa')],
  ...over,
})

describe('the machine that stands in', () => {
  let store: ShopStore
  let ms = 0
  let machines: SewingMachines
  const clock = { now: () => new Date(Date.UTC(2026, 10, 27, 9) + ms).toISOString(), ms: () => ms }
  const anew = (): SewingMachines => new SewingMachines(store, 'seed', clock)

  beforeEach(async () => {
    store = new ShopStore(await openDatabase(mkdtempSync(path.join(folder, 'a-')), 'server/drizzle'), clock.now)
    machines = anew()
  })
  afterEach(async () => {
    store.database.revisions.end()
    await store.database.close()
  })
  afterAll(() => rmSync(folder, { recursive: true, force: true }))

  const press = (order: MachineCommandInput): Promise<MachineNow> =>
    machines.press(MACHINE, MachineCommand.parse(order))
  /** So many seconds later, as the machine has it. */
  const after = (seconds: number): Promise<MachineNow> => {
    ms += seconds * 1000
    return press({ press: 'pace', pace: 1 })
  }
  const told = async (): Promise<string[]> => {
    const all = JSON.parse(await store.documents.runEvents!.listText({ limit: 100, offset: 0 })) as RunEvent[]
    return all
      .sort((a, b) => Number(a.id.split('-').at(-1)) - Number(b.id.split('-').at(-1)))
      .map(({ kind, stitch }) => `${kind} ${stitch}`)
  }

  it('sews at its true pace, waits for the next thread, ends, and tells each as an event', async () => {
    await machines.load(MACHINE, job())
    await press({ press: 'start' })
    expect(await after(5)).toMatchObject({ state: 'stitching', stitch: 50, total: 200, rate: 10 })
    expect(await after(20)).toMatchObject({ state: 'waiting-for-colour', stitch: 100, rate: 0 })
    await expect(press({ press: 'start' })).rejects.toThrow('It’s waiting for the next thread.')
    await press({ press: 'threaded' })
    expect(await after(30)).toMatchObject({ state: 'stopped', why: 'end', stitch: 200 })
    await expect(press({ press: 'start' })).rejects.toThrow('All sewn.')
    expect(await told()).toEqual(['started 0', 'waiting 100', 'colour 100', 'ended 200'])
  })

  it('sixty times as fast it is where it would be in a minute, and says that pace with its events', async () => {
    await machines.load(MACHINE, job({ blocks: [block('#aa0000', { stitches: 1000, seconds: 100 })] }))
    await press({ press: 'pace', pace: 60 })
    await press({ press: 'start' })
    ms += 1000
    expect(await press({ press: 'stop' })).toMatchObject({ state: 'stopped', why: 'asked', stitch: 600 })
    const [event] = JSON.parse(await store.documents.runEvents!.listText({ limit: 1, offset: 0 })) as RunEvent[]
    expect(event!.pace).toBe(60)
  })

  it('takes another pace while it sews, which its run goes by from there, and notes a needle that broke while it stood', async () => {
    await machines.load(MACHINE, job())
    await press({ press: 'start' })
    await after(2)
    await press({ press: 'pace', pace: 10 })
    ms += 100
    expect((await press({ press: 'stop' })).stitch).toBe(30)
    await press({ press: 'stop', saw: 'needle-strike' })
    expect(await told()).toEqual(['started 0', 'resumed 20', 'stopped 30', 'needle-break 30'])
    expect((await machines.now(MACHINE)).why).toBe('asked')
  })

  it('runs out of bobbin where its metres end, and goes on eight stitches back with a fresh one', async () => {
    await machines.load(MACHINE, job({ bobbinM: 0.3 }))
    await press({ press: 'start' })
    expect(await after(60)).toMatchObject({ state: 'stopped', why: 'bobbin-out', stitch: 30, bobbinM: 0 })
    await expect(press({ press: 'start' })).rejects.toThrow('Put in a fresh one first')
    await press({ press: 'bobbin', woundM: 40 })
    expect(await press({ press: 'start', back: 8 })).toMatchObject({ state: 'stitching', stitch: 22 })
    expect(await told()).toEqual(['started 0', 'bobbin-out 30', 'bobbin 30', 'resumed 22'])
  })

  it('halts for cloth to be laid and trimmed, and passes a halt that is done with when it goes back', async () => {
    const applied = [block('#aa0000', { halt: 'lay' }), block('#aa0000', { halt: 'trim' }), block('#aa0000')]
    await machines.load(MACHINE, job({ blocks: applied }))
    await press({ press: 'start' })
    expect(await after(60)).toMatchObject({ why: 'lay', stitch: 100 })
    await expect(press({ press: 'trimmed' })).rejects.toThrow('lay or trim the cloth')
    await press({ press: 'laid' })
    await after(0.2)
    await press({ press: 'stop' })
    await press({ press: 'start', back: 10 })
    expect(await after(60)).toMatchObject({ why: 'trim', stitch: 200 })
  })

  it('without power it goes on from the stitch it last told, and its run knows of it', async () => {
    await machines.load(MACHINE, job())
    await press({ press: 'start' })
    const { stitch } = await after(3.33)
    machines = anew()
    expect(await machines.now(MACHINE)).toMatchObject({ state: 'stopped', why: 'power', stitch })
    await press({ press: 'start' })
    expect(await after(1)).toMatchObject({ state: 'stitching', stitch: stitch + 10 })
    expect(await told()).toEqual(['started 0', `power ${stitch}`, `resumed ${stitch}`])
  })

  it('refuses a design past the field, and a hoop that is not its own; at work it takes nothing else', async () => {
    const kept = { createdAt: clock.now(), updatedAt: clock.now(), revision: 0 }
    const hoop = {
      id: 'other',
      name: 'Other hoop',
      field: square,
      outside: { width: 130, height: 130 },
      machines: ['another'],
      ...kept,
    }
    await store.documents.hoops!.create(store.registry.hoops!.schema.parse(hoop))
    const far = job({ copies: [{ x: 35, y: 0, rotation: 0 }] })
    await expect(machines.load(MACHINE, far)).rejects.toThrow('goes 5.0 mm past the field')
    await expect(
      machines.load(MACHINE, job({ hoop: { id: 'other', name: 'Other hoop', field: square } })),
    ).rejects.toThrow('doesn’t know Other hoop')
    const flood = job({ blocks: Array.from({ length: 3 }, () => block('#aa0000', { stitches: 500_000 })) })
    await expect(machines.load(MACHINE, flood)).rejects.toThrow('too many stitches at once')
    await expect(machines.load('never-heard-of', job())).rejects.toThrow()
    await machines.load(MACHINE, job())
    await press({ press: 'start' })
    await expect(machines.load(MACHINE, job())).rejects.toThrow('Stop it first')
  })

  it('strikes the hoop in a corner that an oval has not, though its box has it', async () => {
    const oval = { shape: 'oval', width: 60, height: 60 } as const
    await machines.load(
      MACHINE,
      job({
        hoop: { id: null, name: 'Oval', field: oval },
        design: { ...job().design, hull: job().design.hull.map(({ x, y }) => ({ x: x * 1.4, y: y * 1.4 })) },
      }),
    )
    await press({ press: 'start' })
    expect(await after(60)).toMatchObject({ state: 'stopped', why: 'needle-strike' })
  })

  it('breaks its thread where the seed has it, the same each time', async () => {
    const long = job({ blocks: [block('#aa0000', { stitches: 60_000, seconds: 6000, bobbinMetres: 0 })] })
    const breakAt = async (): Promise<number> => {
      await machines.load(MACHINE, long)
      await press({ press: 'start' })
      const now = await after(6000)
      expect(now.why).toBe('thread-break')
      return now.stitch
    }
    const at = await breakAt()
    expect(await breakAt()).toBe(at)
    expect(at).toBeGreaterThan(199)
  })
})
