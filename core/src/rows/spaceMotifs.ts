import { type Message, message } from '../messages/message'
import { CoreError } from '../errors'

export const rowEnds = ['flush', 'half-gap', 'margin'] as const
export type RowEnds = (typeof rowEnds)[number]

/**
 * `length`: the edge, or a closed hem measured round; `motif`: one motif along it. `ends` says what lies beyond the
 * outer motifs of an open row; `margin` (for ends 'margin') is kept free at each end. All in mm.
 */
export type RowRequest = {
  length: number
  motif: number
  count?: number
  gap?: number
  minGap?: number
  ends: RowEnds
  margin?: number
  closed?: boolean
}

export type MotifRow = { count: number; gap: number; centres: number[] }

/** Limits met exactly count; this takes up what binary fractions lose. */
const GRAIN = 1e-9
const MOST_MOTIFS = 10_000

/**
 * Spaces motifs evenly along an edge; centres are measured from its middle, negative to the left.
 *
 * 'flush': the outer motifs touch the ends, gap = (L - n m) / (n - 1). 'half-gap': gap = (L - n m) / n with half a gap
 * at each end. 'margin': like flush within L - 2 margin. A closed hem always goes by half gaps, with a motif at 0 and
 * its centres ascending in (-L/2, L/2]. Without `count` the largest count is taken whose gap is at least `gap` and
 * `minGap`; `count` wins over both, but for a gap under `minGap`. One motif: centre 0, gap = the space at each end.
 * Rule: core.md section 6.
 *
 * @throws CoreError 'bad-request' for numbers that cannot be or neither count nor gap, 'no-room' when nothing fits
 * @example spaceMotifs({ length: 500, motif: 100, count: 3, ends: 'flush' }) // gap 100, centres -200, 0, 200
 */
export function spaceMotifs(r: RowRequest): MotifRow {
  requireSound(r)
  const { motif } = r
  const halfGaps = r.closed === true || r.ends === 'half-gap'
  const length = !r.closed && r.ends === 'margin' ? r.length - 2 * (r.margin ?? 0) : r.length
  const gapOf = (n: number): number => {
    if (n === 1) return (length - motif) / 2
    return (length - n * motif) / (halfGaps ? n : n - 1)
  }
  const least = Math.max(r.gap ?? 0, r.minGap ?? 0)
  const count = r.count ?? largestCount(length, motif, least, halfGaps, gapOf)
  const gap = gapOf(count)
  // Of one motif no gap is asked: there is nothing it could lie too near to.
  const wanted = count === 1 ? 0 : (r.minGap ?? 0)
  if (gap < wanted - GRAIN) throw noRoom(count)
  const step = motif + gap
  const centres = r.closed ? roundTheHem(r.length, count) : range(count).map((i) => (i - (count - 1) / 2) * step)
  return { count, gap: Math.max(0, gap), centres: count === 1 ? [0] : centres }
}

const range = (n: number): number[] => Array.from({ length: n }, (_, i) => i)

function largestCount(L: number, m: number, least: number, halfGaps: boolean, gapOf: (n: number) => number): number {
  const most = Math.floor((halfGaps ? L : L + least) / (m + least) + GRAIN)
  if (most > MOST_MOTIFS)
    throw new CoreError('bad-request', message('problem.more-than-motifs-would-go', { one: MOST_MOTIFS }), 'motif')
  // The quotient may lose a whole motif to the grain of the numbers, so its neighbours are looked at too.
  for (let n = most + 1; n > 1; n--) if (gapOf(n) >= least - GRAIN) return n
  return 1
}

function roundTheHem(length: number, count: number): number[] {
  const pitch = length / count
  const first = -Math.ceil(count / 2) + 1
  return range(count).map((i) => (first + i) * pitch)
}

function noRoom(count: number): CoreError {
  return new CoreError('no-room', message('problem.not-even-one-motif-fits', { count }), 'row')
}

// eslint-disable-next-line complexity -- one line for each thing that can be wrong
function requireSound({ length, motif, count, gap, minGap, margin }: RowRequest): void {
  const bad = (path: string, says: Message): never => {
    throw new CoreError('bad-request', says, path)
  }
  if (!(length > 0 && Number.isFinite(length))) bad('length', message('problem.the-edge-needs-a-length'))
  if (!(motif > 0 && Number.isFinite(motif))) bad('motif', message('problem.the-motif-needs-a-width'))
  for (const [path, mm] of Object.entries({ gap, minGap, margin }))
    if (mm !== undefined && !(mm >= 0 && Number.isFinite(mm))) bad(path, message('problem.a-gap-or-margin-is'))
  if (count === undefined && gap === undefined && minGap === undefined)
    bad('count', message('problem.say-how-many-motifs-or'))
  if (count !== undefined && !(Number.isInteger(count) && count >= 1 && count <= MOST_MOTIFS))
    bad('count', message('problem.how-many-motifs-has-to'))
}
