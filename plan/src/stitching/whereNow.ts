import {
  blockAt,
  bobbinAt,
  clothSeconds,
  secondsAt,
  stitchAfter,
  type SewBlock,
  type SewProgram,
} from '@thimble/core/sewing'
import type { StitchingProgress } from './stitchingProgress'

/** A run at one moment: the stitch, what is on the needle, what comes then, and how long it is still. */
type RunNow = {
  stitch: number
  block: number
  /** Which of how many threads it is: blocks of one colour in a row are one. */
  thread: number
  threads: number
  next: SewBlock | null
  secondsLeft: number
  seconds: number
}

/**
 * Where a hand’s run is by the clock: the forecast from its last event on, no farther than the next halt; past the changes
 * that a machine of several needles makes by itself.
 */
export function stitchByClock(
  run: StitchingProgress,
  program: SewProgram,
  nowMs: number,
  changesItself: number | null = null,
): number {
  if (run.state !== 'sewing' || !run.since) return run.stitch
  let [at, left, ready] = [run.stitch, Math.max(0, nowMs - Date.parse(run.since)) / 1000, run.ready]
  for (;;) {
    const next = stitchAfter(program, at, left, ready)
    const change = program.blocks.findIndex(({ to, halt }, i) => to === next && halt === 'colour' && i >= ready)
    if (change < 0 || changesItself === null) return Math.floor(next)
    left -= secondsAt(program, next) - secondsAt(program, at) + changesItself
    if (left <= 0) return next
    ;[at, ready] = [next, change + 1]
  }
}

/** How the machine at hand goes: seconds of a change of thread, and how much longer all it does takes than forecast. */
export type MachinePace = { changeSeconds: number; pace: number }

/** Where a run is at a stitch, and how long all of it and the rest take with the halts on the way. */
export function runNow(
  program: SewProgram,
  stitch: number,
  { changeSeconds, pace }: MachinePace = { changeSeconds: 0, pace: 1 },
): RunNow {
  const { blocks } = program
  const changes = (after: number): number =>
    blocks.filter(({ to, colour }, i) => to > after && blocks[i + 1] && blocks[i + 1]!.colour !== colour).length
  const cloth = (after: number): number => clothSeconds(blocks.flatMap(({ to, cloth }) => (to > after ? [cloth] : [])))
  const whole = (needle: number, after: number): number =>
    pace * (needle + changes(after) * changeSeconds) + cloth(after)
  const block = blockAt(program, stitch)
  const threadOf = blocks.map((one, i) => Number(i > 0 && one.colour !== blocks[i - 1]!.colour))
  const upTo = (i: number): number => threadOf.slice(0, i + 1).reduce((sum, n) => sum + n, 1)
  return {
    ...{ stitch, block, seconds: whole(program.seconds, -1) },
    thread: upTo(block),
    threads: upTo(blocks.length - 1),
    next: blocks.slice(block + 1).find(({ colour }) => colour !== blocks[block]?.colour) ?? null,
    secondsLeft: whole(Math.max(0, program.seconds - secondsAt(program, stitch)), stitch),
  }
}

/** Metres and seconds of the thread that is on the needle, from its first block to the next change. */
export function threadAtHand({ blocks }: SewProgram, block: number): { topMetres: number; seconds: number } {
  const { colour } = blocks[block]!
  let [from, to] = [block, block]
  while (blocks[from - 1]?.colour === colour) from--
  while (blocks[to + 1]?.colour === colour) to++
  const same = blocks.slice(from, to + 1)
  const sum = (of: (one: SewBlock) => number): number => same.reduce((all, one) => all + of(one), 0)
  return { topMetres: sum((one) => one.topMetres), seconds: sum((one) => one.seconds) }
}

/** Metres on the bobbin at a stitch, and whether it lasts to the end; null where nothing is known of how much is wound. */
export function bobbinNow(
  program: SewProgram,
  run: Pick<StitchingProgress, 'bobbins'>,
  begunWithM: number | null,
  stitch: number,
): { left: number; need: number; wound: number } | null {
  const last = run.bobbins.at(-1)
  const wound = last ? last.woundM : begunWithM
  if (wound === null) return null
  const used = bobbinAt(program, stitch) - bobbinAt(program, last?.stitch ?? 0)
  const need = bobbinAt(program, program.stitches) - bobbinAt(program, stitch)
  return { left: Math.max(0, wound - used), need, wound }
}

/**
 * Whether a bobbin does not last from here to the next halt, and so is changed before the needle goes on (craft.md section
 * 7); not where a fresh one would not last either.
 */
export function changeBobbinHere(
  program: SewProgram,
  bobbin: { left: number; wound: number } | null,
  stitch: number,
): boolean {
  if (!bobbin || stitch >= program.stitches) return false
  const from = blockAt(program, stitch)
  const halt = program.blocks.findIndex((block, i) => i >= from && block.halt !== null)
  const to = program.blocks[halt < 0 ? program.blocks.length - 1 : halt]!.to
  const need = bobbinAt(program, to) - bobbinAt(program, stitch)
  return bobbin.left < need && bobbin.left < bobbin.wound
}
