import { CoreError } from '../errors'
import { type Message, message } from '../messages/message'
import { composePose, applyPose } from '../plane/point'
import { type Hooping, splitHoopings } from '../rows/splitHoopings'
import { type MotifRow, spaceMotifs } from '../rows/spaceMotifs'
import { edgeFrame } from './edgeFrame'
import type { Laid } from './laid'
import type { PlacementContext, RowSpot, StepDraft } from './placementRule'
import { type Lie, sideOf } from './sides'

/** What the worker settled about a row: how many or how far apart, what lies at its ends, what the hoop sews along. */
export type OwnRow = {
  count?: number
  gap?: number
  ends?: RowSpot['ends']
  margin?: number
  fieldLength?: number
}

/** A row of one motif along an edge, feet toward the edge; core.md section 6. */
export function placeRow(
  spot: RowSpot,
  { design }: PlacementContext,
  distances: Readonly<Record<string, number>>,
  own: OwnRow,
  lie: Lie,
): Laid {
  const mm = distances[spot.inset.id] ?? spot.inset.mm
  const rise = spot.inset.edge === 'centre' ? mm : mm + design.height / 2
  const ends = spot.closed ? 'half-gap' : (own.ends ?? spot.ends)
  const row = spaced(spot, design.width, ends, own)
  const frame = edgeFrame(spot.box, spot.side)
  const copies = row.centres.map((x, i) => ({
    pose: composePose(frame, { x, y: -rise, rotation: 0 }),
    name: { own: `${i + 1}` },
  }))
  const beside = row.centres[row.count - 1]! + design.width / 2 + 24
  const at = (x: number, y: number) => applyPose(frame, { x, y })
  return {
    copies,
    distances: [
      {
        id: spot.inset.id,
        name: message(spot.inset.edge === 'centre' ? 'distance.centres-from' : 'distance.bottoms-from', {
          line: spot.edgeName,
        }),
        mm,
        assumed: spot.inset.mm,
        plausible: spot.inset.plausible,
        counted: null,
      },
    ],
    tapes: [{ id: spot.inset.id, from: at(beside, 0), to: at(beside, -mm) }],
    steps: [...(spot.first ?? []), ...rowSteps(spot, row, mm, rise, lie)],
    summary: message('placed.row', { count: { plain: row.count }, rise, edge: spot.edgeName }),
    warnings: spot.warnings ?? [],
    row: {
      ...row,
      length: spot.length,
      motif: design.width,
      closed: spot.closed ?? false,
      ends,
      frame,
      offset: -rise,
      usualGap: spot.gap,
      hoopings: own.fieldLength === undefined ? null : grouped(row.centres, design.width, own.fieldLength),
    },
  }
}

function spaced(spot: RowSpot, motif: number, ends: RowSpot['ends'], own: OwnRow): MotifRow {
  const ask = { length: spot.length, motif, ends, margin: own.margin ?? 0, closed: spot.closed }
  try {
    if (own.count !== undefined) return spaceMotifs({ ...ask, count: own.count })
    if (own.gap !== undefined) return spaceMotifs({ ...ask, gap: own.gap })
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    throw new CoreError(error.code, error.said ?? error.message, own.count !== undefined ? 'row.count' : 'row.gap')
  }
  try {
    return spaceMotifs({ ...ask, gap: spot.gap })
  } catch {
    return alone(ask)
  }
}

/** Where the usual gap leaves no room, a single motif in the middle still may. */
function alone(ask: Omit<Parameters<typeof spaceMotifs>[0], 'count'>): MotifRow {
  try {
    return spaceMotifs({ ...ask, count: 1 })
  } catch {
    throw new CoreError('no-room', message('problem.the-design-is-longer-than'), 'design.width')
  }
}

/** Null when the hoop does not take even one motif: the hoop stage says so. */
function grouped(centres: number[], motif: number, fieldLength: number): Hooping[] | null {
  return motif > fieldLength ? null : splitHoopings(centres, motif, fieldLength)
}

/** As many pairs of crosses have a step each; those further out share one between two. */
const SINGLE_PAIRS = 8

function rowSteps(spot: RowSpot, row: MotifRow, mm: number, rise: number, lie: Lie): StepDraft[] {
  const edge = spot.edgeName
  const whole = wholeEdge(spot)
  const middle = spot.closed
    ? message('step.round', { edge, length: spot.length })
    : message('step.half', { edge, half: whole / 2 })
  const hem = (whole - spot.length) / 2
  const line =
    spot.inset.edge === 'centre'
      ? message('step.row-centres', { rise, edge })
      : message('step.row-feet', { rise, edge, near: mm })
  return [
    ...(spot.side === 'lower' ? [] : [{ id: 'turn-edge', said: message('step.turn-edge', { edge }) }]),
    { id: 'middle', said: middle },
    ...(hem > 0 && !spot.closed ? [{ id: 'hems', said: message('step.row-hems', { hem }) }] : []),
    { id: 'line', said: line },
    ...crossSteps(row, spot.closed ?? false, lie),
  ]
}

/** The edge as it can be folded, its hems with it. */
function wholeEdge({ side, box, length, closed }: RowSpot): number {
  if (closed) return length
  return side === 'lower' || side === 'upper' ? box.right - box.left : box.bottom - box.top
}

/** Crosses counted from the middle, each of them, so that no rounding adds up along the row. */
function crossSteps({ centres }: MotifRow, closed: boolean, lie: Lie): StepDraft[] {
  const right = centres.filter((x) => x > 1e-9)
  const marks = ['cross'] as const
  const steps: StepDraft[] = centres.some((x) => Math.abs(x) <= 1e-9)
    ? [{ id: 'cross-0', said: closed ? message('step.cross-front') : message('step.cross-middle'), marks }]
    : []
  const sides = { left: sideOf(-1, lie), right: sideOf(1, lie) }
  const isBack = (far: number): boolean => closed && !centres.some((c) => Math.abs(c + far) < 1e-6)
  const pairs = right.filter((far) => !isBack(far))
  const single = (far: number): Message => {
    const fills = { far, ...sides }
    return closed ? message('step.crosses-front', fills) : message('step.crosses-middle', fills)
  }
  const both = (far: number, further: number): Message =>
    closed ? message('step.crosses-further-front', { far, further }) : message('step.crosses-further', { far, further })
  for (let i = 0; i < pairs.length; i++) {
    const id = `cross-${i + 1}`
    const [far, further] = [pairs[i]!, pairs[i + 1]]
    if (i < SINGLE_PAIRS || further === undefined) steps.push({ id, said: single(far), marks })
    else steps.push({ id, said: both(far, pairs[++i]!), marks })
  }
  const back = right.find(isBack)
  if (back !== undefined) steps.push({ id: 'cross-back', said: message('step.cross-back', { far: back }), marks })
  return steps
}
