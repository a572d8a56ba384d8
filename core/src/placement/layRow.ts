import { CoreError } from '../errors'
import { say } from '../words/said'
import { writeName } from '../words/writeSaid'
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
export function layRow(
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
        name: `${spot.inset.edge === 'centre' ? 'Centres' : 'Feet of the designs'} from ${writeName(spot.edgeName)}`,
        mm,
        assumed: spot.inset.mm,
        plausible: spot.inset.plausible,
        counted: null,
      },
    ],
    tapes: [{ id: spot.inset.id, from: at(beside, 0), to: at(beside, -mm) }],
    steps: [...(spot.first ?? []), ...rowSteps(spot, row, mm, rise, lie)],
    summary: say('placed.row', { count: { plain: row.count }, rise, edge: spot.edgeName }),
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
    throw new CoreError(error.code, error.message, own.count !== undefined ? 'row.count' : 'row.gap')
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
    throw new CoreError('no-room', 'The design is longer than this edge: take a smaller one.', 'design.width')
  }
}

/** Null when the hoop does not take even one motif: the hoop stage says so. */
function grouped(centres: number[], motif: number, fieldLength: number): Hooping[] | null {
  return motif > fieldLength ? null : splitHoopings(centres, motif, fieldLength)
}

const MOST_PAIRS = 8

function rowSteps(spot: RowSpot, row: MotifRow, mm: number, rise: number, lie: Lie): StepDraft[] {
  const edge = spot.edgeName
  const middle = spot.closed
    ? say('step.round', { edge, length: spot.length })
    : say('step.half', { edge, half: spot.length / 2 })
  const line =
    spot.inset.edge === 'centre'
      ? say('step.row-centres', { rise, edge })
      : say('step.row-feet', { rise, edge, near: mm })
  return [{ id: 'middle', said: middle }, { id: 'line', said: line }, ...crossSteps(row, spot.closed ?? false, lie)]
}

/** Crosses counted from the middle, pair by pair, so that no rounding adds up along the row. */
function crossSteps({ centres }: MotifRow, closed: boolean, lie: Lie): StepDraft[] {
  const right = centres.filter((x) => x > 1e-9)
  const marks = ['cross'] as const
  const steps: StepDraft[] = centres.some((x) => Math.abs(x) <= 1e-9)
    ? [{ id: 'cross-0', said: closed ? say('step.cross-front') : say('step.cross-middle'), marks }]
    : []
  const shown = right.slice(0, MOST_PAIRS)
  const sides = { left: sideOf(-1, lie), right: sideOf(1, lie) }
  for (const [i, far] of shown.entries()) {
    const alone = closed && !centres.some((c) => Math.abs(c + far) < 1e-6)
    const pair = closed ? say('step.crosses-front', { far, ...sides }) : say('step.crosses-middle', { far, ...sides })
    steps.push({ id: `cross-${i + 1}`, said: alone ? say('step.cross-back', { far }) : pair, marks })
  }
  if (right.length > shown.length) {
    const fills = { pitch: right[1]! - right[0]!, count: { plain: right.length - shown.length } }
    steps.push({ id: 'cross-on', said: say('step.crosses-on', fills), marks })
  }
  return steps
}
