import { goingEvents, type RunEvent, type RunEventKind, stoppingEvents } from '@thimble/contract'
import { blockAt, type SewProgram } from '@thimble/core/sewing'

/** How a run stands: not begun, the needle going, standing still for `why`, or all sewn. */
type RunState = 'ready' | 'sewing' | 'standing' | 'done'

/** A run of one hooping as its events tell it. */
export type StitchingProgress = {
  state: RunState
  /** Why it stands still. */
  why: RunEventKind | null
  /** The stitch the last event was at, and when that was. */
  stitch: number
  since: string | null
  /** Whose needle it is. */
  by: RunEvent['by']
  /** How many times as fast its time goes as it should. */
  pace: number
  /** Milliseconds the needle was going, up to the last event. */
  sewnMs: number
  /** Of the blocks that wait for a hand, up to where they were made ready: the block that may be sewn. */
  ready: number
  /** Stitches at which a fresh bobbin went in, with the metres on it. */
  bobbins: { stitch: number; woundM: number | null }[]
  breaks: number
  needleBreaks: number
  shifts: number[]
}

const nothing: StitchingProgress = {
  ...{ state: 'ready', why: null, stitch: 0, since: null, by: 'hand', pace: 1, sewnMs: 0, ready: 0 },
  ...{ bobbins: [], breaks: 0, needleBreaks: 0, shifts: [] },
}

const isIn = (kinds: readonly RunEventKind[], kind: RunEventKind): boolean => kinds.includes(kind)

/** Events of a piece, or of one of its hoopings, in the order in which they happened; of one moment, by their stitch. */
export const eventsOf = (events: readonly RunEvent[], piece: string, hooping?: number): RunEvent[] =>
  events
    .filter((one) => one.piece === piece && (hooping === undefined || one.hooping === hooping))
    .sort((a, b) => a.createdAt.localeCompare(b.createdAt) || a.stitch - b.stitch || a.id.localeCompare(b.id))

/**
 * What a run has come to by its events, whoever told them.
 *
 * @param events of one hooping, in order
 * @example started at 0, a thread break at 812 after 90 s: standing at 812, 90 s sewn
 */
export const stitchingProgress = (
  events: readonly RunEvent[],
  program: Pick<SewProgram, 'blocks'>,
): StitchingProgress => events.reduce((run, event) => step(run, event, program), nothing)

function step(run: StitchingProgress, event: RunEvent, program: Pick<SewProgram, 'blocks'>): StitchingProgress {
  const { kind, stitch, createdAt, by, bobbinM } = event
  if (kind === 'shift') return { ...run, shifts: [...run.shifts, stitch] }
  if (kind === 'bobbin') return { ...run, bobbins: [...run.bobbins, { stitch, woundM: bobbinM }] }
  const passed = run.state === 'sewing' && run.since ? Math.max(0, Date.parse(createdAt) - Date.parse(run.since)) : 0
  const next = { ...run, stitch, since: createdAt, sewnMs: run.sewnMs + passed * run.pace }
  if (isIn(goingEvents, kind))
    return { ...next, by, pace: event.pace, state: 'sewing', why: null, ready: readyAfter(run, kind, stitch, program) }
  if (!isIn(stoppingEvents, kind)) return run
  const counted = {
    breaks: run.breaks + Number(kind === 'thread-break'),
    needleBreaks: run.needleBreaks + Number(kind === 'needle-break'),
  }
  // Seen while nothing moves, it is counted, and what was waited for is waited for all the same.
  if (isIn(seenEvents, kind) && run.state !== 'sewing' && waits(run)) return { ...run, ...counted }
  return { ...next, ...counted, state: kind === 'ended' ? 'done' : 'standing', why: kind }
}

/** What a worker sees, moving or not. */
const seenEvents: readonly RunEventKind[] = ['thread-break', 'needle-break', 'nest']

const waits = ({ state, why }: StitchingProgress): boolean =>
  state !== 'standing' || why === 'waiting' || why === 'halt'

/** A thread that was put on, or cloth that was laid, lets the block at this stitch be sewn. */
function readyAfter(
  run: StitchingProgress,
  kind: RunEventKind,
  stitch: number,
  program: Pick<SewProgram, 'blocks'>,
): number {
  if (kind === 'started' || kind === 'resumed') return run.ready
  return Math.max(run.ready, blockAt(program, stitch))
}
