import type { Loaded, Memory } from './machineMemory'

type Block = Loaded['job']['blocks'][number] & { from: number; to: number }

/** Where its blocks lie in the run of stitches. */
export function laidOut({ job }: Pick<Loaded, 'job'>): Block[] {
  let at = 0
  return job.blocks.map((block) => ({ ...block, from: at, to: (at += block.stitches) }))
}

const ratioOf = ({ seconds, stitches }: Block): number => (seconds > 0 ? stitches / seconds : Infinity)
const metresAStitch = ({ bobbinMetres, stitches }: Block): number => (stitches > 0 ? bobbinMetres / stitches : 0)

/** Nearer than this a stitch is reached. */
const NEAR = 1e-6

/**
 * A machine some seconds later: it sews until something stops it. What comes next depends on what it remembers and on
 * nothing else, so that a machine without power goes on as if it had had it.
 */
export function sewOn(memory: Memory, loaded: Loaded, seconds: number): Memory {
  let now = memory
  let left = seconds * memory.pace
  const blocks = laidOut(loaded)
  // Each turn sews up to something that stops it, or to a block's end.
  for (let turns = 0; turns <= blocks.length + 1 && left > 0; turns++) {
    if (now.wait > 0) {
      const waited = Math.min(now.wait, left)
      left -= waited
      now = { ...now, wait: now.wait - waited }
      if (now.wait > NEAR) return now
      now = afterWait(now)
    }
    if (now.state !== 'stitching') return now
    const [next, used] = sewnUpTo(now, loaded, blocks, left)
    now = next
    left -= used
  }
  return now
}

const afterWait = (now: Memory): Memory =>
  now.state === 'tracing'
    ? { ...now, state: 'hooped', wait: 0 }
    : { ...now, state: 'stitching', ready: now.ready + 1, wait: 0 }

/** Sews within one block, at the most to what stops it there. */
function sewnUpTo(now: Memory, loaded: Loaded, blocks: readonly Block[], seconds: number): [Memory, number] {
  const block = blocks.find(({ to }) => now.sewn < to - NEAR)
  if (!block) return [{ ...now, state: 'stopped', why: 'end' }, 0]
  const fault = loaded.faults[now.met]
  const dry = now.bobbinM === null ? Infinity : now.sewn + now.bobbinM / Math.max(metresAStitch(block), NEAR)
  const goal = Math.min(block.to, fault?.stitch ?? Infinity, dry)
  const rate = ratioOf(block)
  const reached = Math.min(goal, now.sewn + rate * seconds)
  const used = rate === Infinity ? 0 : (reached - now.sewn) / rate
  const bobbinM = now.bobbinM === null ? null : Math.max(0, now.bobbinM - (reached - now.sewn) * metresAStitch(block))
  const there = { ...now, sewn: reached, bobbinM }
  if (reached < goal - NEAR) return [there, used]
  if (fault && goal === fault.stitch) return [{ ...there, state: 'stopped', why: fault.kind, met: now.met + 1 }, used]
  if (goal === dry) return [{ ...there, state: 'stopped', why: 'bobbin-out', bobbinM: 0 }, used]
  return [atEndOf(block, there, blocks, loaded), used]
}

function atEndOf(block: Block, now: Memory, blocks: readonly Block[], { changesItself }: Loaded): Memory {
  const at = blocks.indexOf(block)
  if (at === blocks.length - 1) return { ...now, state: 'stopped', why: 'end' }
  if (!block.halt || at < now.ready) return { ...now, ready: Math.max(at + 1, now.ready) }
  if (block.halt !== 'colour') return { ...now, state: 'stopped', why: block.halt, ready: at }
  return { ...now, state: 'waiting-for-colour', ready: at, wait: changesItself ?? 0 }
}
