import type { MachineNow, SewingJob } from '@thimble/contract/sewingMachine'
import type { Path } from './stitchPath'

type Fault = { stitch: number; kind: 'thread-break' | 'needle-strike' }

/** What a machine has been given to sew, as it lies in its memory. `id`: of this giving. */
export type Loaded = {
  id: string
  job: SewingJob
  path: Path
  /** What will go wrong, in order. */
  faults: Fault[]
  /** From one colour to the next it changes by itself, in seconds; null: somebody threads it. */
  changesItself: number | null
}

/** What a machine remembers without its power: all that its next stitch depends on. */
export type Memory = Pick<MachineNow, 'state' | 'why' | 'pace' | 'bobbinM'> & {
  /** Stitches sewn, the last one in part. */
  sewn: number
  /** Block up to whose end it may sew: its thread is on, its cloth is laid. */
  ready: number
  /** Faults that have happened. */
  met: number
  /** Seconds until it has changed its colour or walked its trace; 0: it does neither. */
  wait: number
  /** Events told of this job. */
  told: number
}

export const atRest: Memory = {
  ...{ state: 'parked', why: null, pace: 1, bobbinM: null },
  ...{ sewn: 0, ready: 0, met: 0, wait: 0, told: 0 },
}
