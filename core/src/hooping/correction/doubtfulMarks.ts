import { message, type Named } from '../../messages'
import { type Advice, stop } from '../../advice'
import type { Point } from '../../plane/point'
import { type PointPair, type RigidFit, rigidFit } from '../../plane/rigidFit'
import type { Box } from '../../plane/box'

/** Root mean square of what is left over, in mm, past which the marks do not tell one story. */
const AGREE = 2
/** A stretch that no cloth has in a ring. */
const STRETCH = 0.1
/** A ring reaches this far past the field it sews, in mm. */
const RING = 40
/** Marks nearer to each other than this are on one spot, where they were planned apart. */
const ONE_SPOT = 1

type DoubtfulMarks = {
  pairs: PointPair[]
  names: readonly Named[]
  fit: RigidFit
  field: Box
}

/** Marks that cannot be right, each named: said, not averaged away (core.md section 4). */
export function doubtfulMarks(q: DoubtfulMarks): Advice[] {
  const crowded = onOneSpot(q)
  if (crowded.length > 0) return crowded
  const beyond = beyondRing(q)
  if (beyond.length > 0) return beyond
  if (q.fit.rms <= AGREE) return stretched(q)
  return [...swapped(q), ...offTheRest(q), ...stretched(q), disagreeing(q)].slice(0, 1)
}

const apart = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)

function* couples(pairs: readonly PointPair[]): Generator<[number, number]> {
  for (let i = 0; i < pairs.length; i++) for (let j = i + 1; j < pairs.length; j++) yield [i, j]
}

function onOneSpot({ pairs, names }: DoubtfulMarks): Advice[] {
  return [...couples(pairs)].flatMap(([i, j]) => {
    const [a, b] = [pairs[i]!, pairs[j]!]
    if (apart(a.to, b.to) >= ONE_SPOT || apart(a.from, b.from) < 2 * ONE_SPOT) return []
    return [stop('one-spot', message('marks.one-spot', { one: names[i]!, other: names[j]! }))]
  })
}

function beyondRing({ pairs, names, field }: DoubtfulMarks): Advice[] {
  return pairs.flatMap(({ to }, i) => {
    const past = Math.max(field.left - to.x, to.x - field.right, field.top - to.y, to.y - field.bottom)
    if (past <= RING) return []
    return [stop('beyond-ring', message('marks.beyond-ring', { mark: names[i]!, past }))]
  })
}

const rmsOf = (pairs: PointPair[]): number => {
  try {
    return rigidFit(pairs).rms
  } catch {
    return Infinity
  }
}

/** Two changed over: with them the other way round the fit is far better. */
function swapped({ pairs, names, fit }: DoubtfulMarks): Advice[] {
  const tries = [...couples(pairs)].map(([i, j]) => {
    const other = pairs.map((pair, k) =>
      k === i ? { ...pair, to: pairs[j]!.to } : k === j ? { ...pair, to: pairs[i]!.to } : pair,
    )
    return { i, j, rms: rmsOf(other) }
  })
  const best = tries.reduce((a, b) => (b.rms < a.rms ? b : a))
  if (best.rms > fit.rms / 4) return []
  return [stop('swapped', message('marks.swapped', { one: names[best.i]!, other: names[best.j]! }))]
}

/** One far off the others: without it they agree. */
function offTheRest({ pairs, names, fit }: DoubtfulMarks): Advice[] {
  const without = pairs.map((_, i) => ({
    i,
    rms: pairs.length > 2 ? rmsOf(pairs.filter((__, k) => k !== i)) : Infinity,
  }))
  const best = without.reduce((a, b) => (b.rms < a.rms ? b : a))
  if (best.rms > fit.rms / 2) return []
  const { pose } = rigidFit(pairs.filter((_, k) => k !== best.i))
  const [sin, cos] = [Math.sin((pose.rotation * Math.PI) / 180), Math.cos((pose.rotation * Math.PI) / 180)]
  const { from, to } = pairs[best.i]!
  const there = { x: from.x * cos - from.y * sin + pose.x, y: from.x * sin + from.y * cos + pose.y }
  return [stop('mark-off', message('marks.mark-off', { mark: names[best.i]!, far: apart(there, to) }))]
}

const disagreeing = ({ fit }: DoubtfulMarks): Advice =>
  stop('marks-disagree', message('marks.disagree', { far: fit.rms }))

function stretched({ fit: { stretch } }: DoubtfulMarks): Advice[] {
  const most = Math.abs(stretch.along) > Math.abs(stretch.across) ? stretch.along : stretch.across
  if (Math.abs(most) <= STRETCH) return []
  const percent = Math.round(Math.abs(most * 100))
  return [stop('stretch-unlikely', message(most > 0 ? 'marks.farther-apart' : 'marks.closer', { percent }))]
}
