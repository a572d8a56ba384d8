import type { Machine } from '@thimble/contract'
import type { SewingJob } from '@thimble/contract/sewingMachine'
import { roomInField } from '@thimble/core/hooping'
import { seeded } from '../seeded'
import type { Loaded } from './machineMemory'
import type { Path } from './stitchPath'

/** On the average a thread breaks once in so many stitches. */
const A_BREAK = 14_000
/** A needle that comes down nearer to the field’s edge than this misses the ring, in mm. */
const BESIDE = 1
/** More of them than these nobody sits through. */
const MOST_STRIKES = 20

type LoadJobInput = {
  id: string
  job: SewingJob
  path: Path
  machine: Pick<Machine, 'needles' | 'changeSeconds'> | null
  seed: string
}

/** What a machine makes of what it is given: where things will go wrong follows from the seed and the piece. */
export function loadJob({ id, job, path, machine, seed }: LoadJobInput): Loaded {
  const faults = [...breaksOf(path.length / 2, seed, job), ...strikesOf(path, job)]
  const colours = new Set(job.blocks.map(({ colour }) => colour)).size
  const several = machine !== null && machine.needles > 1 && colours <= machine.needles
  return {
    ...{ id, job, path },
    faults: faults.sort((a, b) => a.stitch - b.stitch),
    changesItself: several ? machine.changeSeconds : null,
  }
}

function breaksOf(total: number, seed: string, { piece, hooping }: SewingJob): Loaded['faults'] {
  const chance = seeded(seed, piece, hooping, 'breaks')
  const breaks: Loaded['faults'] = []
  for (let at = 0; ; ) {
    at += Math.max(200, Math.round(-Math.log(1 - chance.even()) * A_BREAK))
    if (at >= total) return breaks
    breaks.push({ stitch: at, kind: 'thread-break' })
  }
}

/** Where the needle would come down on the ring: each time the outline leaves the field. */
function strikesOf(path: Path, { hoop: { field } }: SewingJob): Loaded['faults'] {
  const room = roomInField(field)
  const strikes: Loaded['faults'] = []
  let was = false
  for (let i = 0; i < path.length && strikes.length < MOST_STRIKES; i += 2) {
    const out = room({ x: path[i]! / 1000, y: path[i + 1]! / 1000 }) < -BESIDE
    if (out && !was) strikes.push({ stitch: i / 2 + 1, kind: 'needle-strike' })
    was = out
  }
  return strikes
}
