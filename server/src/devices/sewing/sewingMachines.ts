import { shopComputer as t } from '@thimble/language/en/shopComputer'
import { type Hoop, type Machine, RunEvent, type RunEventKind } from '@thimble/contract'
import {
  MACHINE_OF_NO_NAME,
  type MachineNow,
  type MachineCommand,
  MOST_GIVEN,
  type SewingJob,
} from '@thimble/contract/sewingMachine'
import { CoreError } from '@thimble/core/errors'
import type { Tx } from '../../db/database'
import { NotFound } from '../../stores/notFound'
import type { ShopStore } from '../../stores/shopStore'
import { eventOf, stops } from './eventOf'
import { loadJob } from './loadJob'
import { atRest, type Loaded, type Memory } from './machineMemory'
import { readMemories, remember, rememberJob } from './memoryStore'
import { pressed, withoutPower } from './pressed'
import { refuseJob } from './refuseJob'
import { laidOut, sewOn } from './sewOn'
import { stitchPath } from './stitchPath'

/** How often a machine looks at what it does, and how often it tells how far it is. */
const TICK_MS = 50
const REPORT_MS = 200

type Standing = { memory: Memory; loaded: Loaded | null; ticked: number; reported: number }
type Listener = (now: MachineNow) => void

const runs = ({ state, wait }: Memory): boolean => state === 'stitching' || wait > 0

/**
 * The machines of the shop, stood in for: each has its own memory and sews by itself. Whatever it tells it has
 * remembered first, so that after a power cut it goes on from the stitch that was last told; what happens is an event of
 * the piece's run in the same transaction.
 */
export class SewingMachines {
  readonly #standing = new Map<string, Standing>()
  readonly #listeners = new Map<string, Set<Listener>>()
  /** What is asked of a machine takes its turn with its own ticking. */
  #turn: Promise<unknown>
  #timer: NodeJS.Timeout | null = null

  constructor(
    private readonly store: ShopStore,
    private readonly seed: string,
    private readonly clock = { now: () => new Date().toISOString(), ms: () => performance.now() },
  ) {
    this.#turn = this.#recall().catch((error: unknown) => console.error('The machines remember nothing:', error))
  }

  now(id: string): Promise<MachineNow> {
    return this.#inTurn(async () => this.#nowOf(id))
  }

  /** Gives a machine something to sew. @throws CoreError('refused') in its own words */
  load(id: string, job: SewingJob): Promise<MachineNow> {
    return this.#inTurn(async () => {
      const { memory } = this.#of(id)
      if (runs(memory)) throw new CoreError('refused', t('its-sewing-stop-it-first'))
      const { documents, packed } = this.store
      const machine = (await documents.machines!.find(id)) as Machine | null
      if (!machine && id !== MACHINE_OF_NO_NAME) throw new NotFound(id)
      if (job.blocks.reduce((sum, { stitches }) => sum + stitches, 0) > MOST_GIVEN)
        throw new CoreError('refused', t('thats-too-many-stitches-at'))
      const hoop = job.hoop.id ? ((await documents.hoops!.find(job.hoop.id)) as Hoop | null) : null
      const text = job.design.id ? await packed.findText(job.design.id) : null
      const path = stitchPath(job, text ? JSON.parse(text) : null)
      refuseJob({ machine, hoop, field: job.hoop.field, machineId: id, path: pointsOf(path) })
      const loaded = loadJob({ id: crypto.randomUUID(), job, path, machine, seed: this.seed })
      const ready = Math.max(
        0,
        laidOut(loaded).findIndex(({ to }) => job.from < to),
      )
      const met = loaded.faults.filter(({ stitch }) => stitch <= job.from).length
      const fresh: Memory = {
        ...atRest,
        state: 'hooped',
        pace: memory.pace,
        bobbinM: job.bobbinM,
        sewn: job.from,
        ready,
        met,
      }
      await this.store.database.writes.run((tx) => rememberJob(tx, id, fresh, loaded))
      this.#standing.set(id, { memory: fresh, loaded, ticked: this.clock.ms(), reported: 0 })
      return this.#tell(id)
    })
  }

  /** @throws CoreError('refused') */
  press(id: string, order: MachineCommand): Promise<MachineNow> {
    return this.#inTurn(async () => {
      await this.#tick(id)
      const standing = this.#of(id)
      const next = pressed(standing.memory, order)
      await this.#become(id, next, alsoTold(standing.memory, order))
      this.#keepTicking()
      return this.#tell(id)
    })
  }

  listen(id: string, listener: Listener): () => void {
    const all = this.#listeners.get(id) ?? new Set()
    this.#listeners.set(id, all.add(listener))
    return () => {
      all.delete(listener)
      if (all.size === 0) this.#listeners.delete(id)
    }
  }

  #inTurn<T>(work: () => Promise<T>): Promise<T> {
    const turn = this.#turn.then(work)
    this.#turn = turn.catch(() => undefined)
    return turn
  }

  #of(id: string): Standing {
    return this.#standing.get(id) ?? { memory: atRest, loaded: null, ticked: this.clock.ms(), reported: 0 }
  }

  /** After a start: what was under way has lost its power. */
  async #recall(): Promise<void> {
    for (const { id, memory, loaded } of await readMemories(this.store.database.db)) {
      this.#standing.set(id, { memory, loaded, ticked: this.clock.ms(), reported: 0 })
      if (memory.state === 'stitching' || memory.state === 'tracing') await this.#become(id, withoutPower(memory))
    }
    this.#keepTicking()
  }

  #keepTicking(): void {
    const { revisions } = this.store.database
    if (this.#timer || ![...this.#standing.values()].some(({ memory }) => runs(memory))) return
    this.#timer = setTimeout(() => {
      this.#timer = null
      void this.#inTurn(async () => {
        for (const id of revisions.ended ? [] : [...this.#standing.keys()]) await this.#tick(id)
      })
        .catch((error: unknown) => revisions.ended || console.error('A machine stands still:', error))
        .finally(() => revisions.ended || this.#keepTicking())
    }, TICK_MS)
    this.#timer.unref()
  }

  async #tick(id: string): Promise<void> {
    const standing = this.#of(id)
    const { memory, loaded, ticked, reported } = standing
    const ms = this.clock.ms()
    if (!loaded || !runs(memory)) return void (standing.ticked = ms)
    const next = sewOn(memory, loaded, (ms - ticked) / 1000)
    const changed = next.state !== memory.state || next.why !== memory.why
    if (!changed && ms - reported < REPORT_MS) return void Object.assign(standing, { memory: next, ticked: ms })
    await this.#become(id, next)
    Object.assign(this.#of(id), { ticked: ms, reported: ms })
    this.#tell(id)
  }

  /** Remembers what it has become, with what is to be told of it, before anyone hears of it. */
  async #become(
    id: string,
    next: Memory,
    also: { kind: RunEventKind; bobbinM: number | null } | null = null,
  ): Promise<void> {
    const standing = this.#of(id)
    const { memory, loaded } = standing
    const kind = also?.kind ?? eventOf(memory, next)
    const told = kind && loaded ? { ...next, told: memory.told + 1 } : next
    if (loaded)
      await this.store.database.writes.run(async (tx) => {
        await remember(tx, id, told)
        if (kind) await this.#writeEvent(tx, id, { memory: told, loaded, kind, bobbinM: also?.bobbinM ?? null })
      })
    this.#standing.set(id, { ...standing, memory: told, ticked: this.clock.ms() })
  }

  async #writeEvent(
    tx: Tx,
    machine: string,
    { memory, loaded, kind, bobbinM }: { memory: Memory; loaded: Loaded; kind: RunEventKind; bobbinM: number | null },
  ): Promise<void> {
    const at = this.clock.now()
    const { piece, name, hooping } = loaded.job
    const said = {
      name,
      piece,
      hooping,
      kind,
      stitch: Math.floor(memory.sewn),
      by: 'machine',
      machine,
      bobbinM,
      pace: memory.pace,
    }
    const times = { createdAt: at, updatedAt: at, revision: 0 }
    const event = RunEvent.parse({ id: `${loaded.id}-${memory.told}`, ...said, ...times })
    await this.store.documents.runEvents!.put(tx, event, { row: null })
  }

  #tell(id: string): MachineNow {
    const now = this.#nowOf(id)
    for (const listener of this.#listeners.get(id) ?? []) listener(now)
    return now
  }

  #nowOf(id: string): MachineNow {
    const { memory, loaded } = this.#of(id)
    const { state, why, pace, bobbinM, sewn } = memory
    const stitch = Math.floor(sewn)
    const block = loaded && laidOut(loaded).find(({ to }) => stitch < to)
    const rate = block && state === 'stitching' && block.seconds > 0 ? (block.stitches / block.seconds) * pace : 0
    const at = Math.max(0, stitch - 1) * 2
    const [x, y] = [loaded?.path[at], loaded?.path[at + 1]]
    return {
      ...{ machine: id, state, why, pace, bobbinM, stitch, rate, at: this.clock.now() },
      ...{ piece: loaded?.job.piece ?? null, hooping: loaded?.job.hooping ?? 0, total: (loaded?.path.length ?? 0) / 2 },
      needle: x === undefined || y === undefined ? null : { x: x / 1000, y: y / 1000 },
    }
  }
}

/** What an order tells besides what the machine becomes by it; null: nothing. */
function alsoTold(
  { state, pace }: Memory,
  order: MachineCommand,
): { kind: RunEventKind; bobbinM: number | null } | null {
  if (order.press === 'bobbin') return { kind: 'bobbin', bobbinM: order.woundM }
  // From here on its time goes at another pace.
  if (order.press === 'pace')
    return state === 'stitching' && order.pace !== pace ? { kind: 'resumed', bobbinM: null } : null
  // Seen while it stands: it stands as before.
  const seen = order.press === 'stop' && state !== 'stitching' && order.saw
  return seen ? { kind: stops[seen], bobbinM: null } : null
}

const pointsOf = (path: readonly number[]) =>
  Array.from({ length: path.length / 2 }, (_, i) => ({ x: path[2 * i]! / 1000, y: path[2 * i + 1]! / 1000 }))
