import { type Advice, caution, note, stop } from '../advice'
import { CoreError } from '../errors'
import { defaultHabits, type HouseHabits } from '../habits'
import { formatLength, roundToTape } from '../lengths/formatLength'
import type { LengthStyle } from '../lengths/units'
import { rectangle } from '../plane/box'
import { convexHull } from '../plane/convexHull'
import { applyPose, type Point, type Pose } from '../plane/point'
import { type Clearance, clearancesOf } from './clearances'
import type { ItemKind, ItemShape, Measures, PlacementDistance, TapeLine } from './itemKind'
import { itemKind, placementRule } from './itemKinds'
import { type Mark, marksFor, markSteps } from './marks'

/** `measures` and `distances` in mm by id; `design.hull` in the design frame, its box when left out. */
export type PlacementRequest = {
  kind: string
  placement: string
  measures: Measures
  design: { width: number; height: number; hull?: Point[] }
  distances?: Readonly<Record<string, number>>
  style?: LengthStyle
  habits?: Partial<HouseHabits>
}

/** One thing to do with the tape. `loss` is what rounding to the tape costs, in mm, when it is over 1. */
export type TapeStep = { id: string; text: string; loss: number | null; marks: readonly Mark['kind'][] }

export type PlacementPlan = {
  item: ItemShape
  /** The design's centre and turn in the item frame. */
  pose: Pose
  designOutline: Point[]
  marks: Mark[]
  steps: TapeStep[]
  tapes: TapeLine[]
  distances: PlacementDistance[]
  clearances: Clearance[]
  warnings: Advice[]
  summary: string
}

/**
 * Where a design goes on an item: marks, tape steps in the worker's units, clearances and warnings.
 *
 * Rules: craft.md sections 1 and 2. Warnings: the design past an edge ('past-edge', stop), on a no-sew zone
 * ('in-zone', stop) or too near one ('near-zone'), a number out of its plausible range ('is-that-right').
 *
 * @throws CoreError 'unknown-item', 'unknown-placement', 'missing-measure', 'bad-measure', 'bad-design',
 *   'contradiction'; `path` names the field
 * @example a polo of 540 mm with a neck of 180: cross 190 below the shoulder point, 90 from the centre line
 */
export function planPlacement(request: PlacementRequest): PlacementPlan {
  const kind = itemKind(request.kind)
  const rule = placementRule(kind, request.placement)
  const style = request.style ?? { unit: 'mm' }
  const write = (mm: number): string => formatLength(mm, style)
  requireMeasures(kind, rule.needs, request)

  const { design, measures } = request
  const habits = { ...defaultHabits, ...request.habits }
  const target = rule.target({ measures, design, habits, distances: request.distances ?? {}, write })
  const item = kind.shape(measures)
  const pose = { ...target.centre, rotation: 0 }
  const hull = convexHull(design.hull ?? rectangle(design.width, design.height))
  const designOutline = hull.map((p) => applyPose(pose, p))
  const clearances = clearancesOf(item, designOutline)
  const steps = [...target.steps, ...markSteps(design, rule.upIs, write)].map(({ id, text, lengths, marks }) => {
    const loss = Math.max(0, ...lengths.map((mm) => Math.abs(roundToTape(mm, style) - mm)))
    return { id, text, loss: loss > 1 ? loss : null, marks: marks ?? [] }
  })
  return {
    item,
    pose,
    designOutline,
    marks: marksFor(design, pose),
    steps,
    tapes: target.tapes,
    distances: target.distances,
    clearances,
    warnings: [
      ...clearanceWarnings(clearances, write),
      ...target.warnings,
      ...oddNumbers(kind, rule.needs, measures, write),
      ...oddDistances(target.distances, write),
    ],
    summary: target.summary,
  }
}

function requireMeasures(
  kind: ItemKind,
  needs: readonly string[],
  { measures, design, distances }: PlacementRequest,
): void {
  for (const ask of kind.measurements.filter((a) => needs.includes(a.id))) {
    const mm = measures[ask.id]
    const path = `measures.${ask.id}`
    if (mm === undefined) throw new CoreError('missing-measure', `${ask.name}: still to be measured.`, path)
    const enough = ask.mayBeZero ? mm >= 0 : mm > 0
    if (!enough || !Number.isFinite(mm))
      throw new CoreError('bad-measure', `${ask.name} has to be more than nothing.`, path)
  }
  if (!(design.width > 0 && design.height > 0 && Number.isFinite(design.width + design.height))) {
    throw new CoreError('bad-design', 'The design needs a width and a height above zero.', 'design')
  }
  for (const [id, mm] of Object.entries(distances ?? {})) {
    if (!Number.isFinite(mm)) throw new CoreError('bad-measure', 'That distance is not a number.', `distances.${id}`)
  }
}

function clearanceWarnings(clearances: Clearance[], write: (mm: number) => string): Advice[] {
  return clearances.flatMap(({ id, name, mm, least }) => {
    if (id === 'edge' && mm < 0) return [stop('past-edge', `The design reaches ${write(-mm)} past the item’s edge.`)]
    if (id === 'edge')
      return mm < least ? [caution('near-edge', `Only ${write(mm)} from the design to the item’s edge.`)] : []
    if (mm <= 0) return [stop('in-zone', `The design lies on the ${name}.`)]
    return mm < least
      ? [caution('near-zone', `Only ${write(mm)} from the design to the ${name}; keep ${write(least)}.`)]
      : []
  })
}

function oddNumbers(kind: ItemKind, needs: readonly string[], m: Measures, write: (mm: number) => string): Advice[] {
  return kind.measurements
    .filter((a) => needs.includes(a.id) && (m[a.id]! < a.plausible[0] || m[a.id]! > a.plausible[1]))
    .map((a) =>
      note(
        `is-that-right:${a.id}`,
        `${a.name} ${write(m[a.id]!)}: is that right? Usual is ${write(a.plausible[0])} to ${write(a.plausible[1])}.`,
      ),
    )
}

function oddDistances(distances: PlacementDistance[], write: (mm: number) => string): Advice[] {
  return distances
    .filter((d) => d.mm < d.plausible[0] || d.mm > d.plausible[1])
    .map((d) =>
      note(`is-that-right:${d.id}`, `${d.name} ${write(d.mm)}: is that right? The usual here is ${write(d.assumed)}.`),
    )
}
