import { message } from '../messages'
import { type Advice, caution, note, stop } from '../advice'
import { CoreError } from '../errors'
import { defaultHabits, type HouseHabits } from '../habits'
import { formatLength, roundToTape } from '../lengths/formatLength'
import type { LengthStyle } from '../lengths/units'
import { lengthsIn, type Message } from '../messages/message'
import { boxOf, rectangle } from '../plane/box'
import { convexHull } from '../plane/convexHull'
import { applyPose, type Point, type Pose } from '../plane/point'
import { gapBetween } from '../plane/polygonDistance'
import { centreOf, straightnessAdvice, type TrueTo } from './centreOf'
import { type Clearance, clearancesOf } from './clearances'
import { type FoldMeans, withFold } from './foldMarks'
import type { ItemKind } from './itemKind'
import { itemKind, placementRule } from './itemKinds'
import type { ItemShape, TapeLine } from './itemShape'
import type { Copy, Laid, PlacementDistance, PlannedRow } from './laid'
import { atBothEnds } from './atBothEnds'
import { placeAtCorners } from './placeAtCorners'
import { placeSingle, type OwnAnchors } from './placeSingle'
import { placeRow, type OwnRow } from './placeRow'
import { placeScatter, type MotifSpot } from './placeScatter'
import { type Mark, marksFor, markSteps, reachOf, underDesign } from './marks'
import type { MeasurementAsk, Measures } from './measures'
import { asksOf, oddNumbers, requireMeasures } from './measuresNeeded'
import { type OwnZone, withOwnZones } from './ownZones'
import type { PlacementContext, PlacementRule, StepDraft } from './placementRule'
import type { Lie } from './sides'
import { skewShape } from './skewShape'

/**
 * `kind`: an item of the catalogue by id, or one of the worker's own (`customItem`). `measures` and `distances` in mm
 * by id; `design.hull` in the design frame, its box when left out; `choices` by the placement's choice ids, `trueTo`
 * 'start' or 'body' among them; `anchors`: other lines or edges to count from; `zones`: what was found on this item.
 */
export type PlacementRequest = {
  kind: string | ItemKind
  placement: string
  measures: Measures
  design: { width: number; height: number; hull?: Point[] }
  distances?: Readonly<Record<string, number>>
  choices?: Readonly<Record<string, string>>
  anchors?: OwnAnchors
  zones?: readonly OwnZone[]
  row?: OwnRow
  /** Motifs of a scatter. */
  spots?: readonly MotifSpot[]
  style?: LengthStyle
  habits?: Partial<HouseHabits>
  /** How folds are marked on its cloth; creased when left out. */
  fold?: FoldMeans
}

/**
 * One thing to do with the tape: as data, and in the units asked for. `loss` is what rounding to the tape costs, in mm,
 * when it is over 1.
 */
export type TapeStep = { id: string; said: Message; loss: number | null; marks: readonly Mark['kind'][] }

/** `pose`, `designOutline`: the first design; `copies`, `outlines`: all of them, of a row or of corners. */
export type PlacementPlan = {
  item: ItemShape
  pose: Pose
  designOutline: Point[]
  copies: Copy[]
  outlines: Point[][]
  row: PlannedRow | null
  /** What the design is true to, when the halves measured differ; null while none are. */
  trueTo: TrueTo | null
  marks: Mark[]
  steps: TapeStep[]
  tapes: TapeLine[]
  distances: PlacementDistance[]
  clearances: Clearance[]
  warnings: Advice[]
  placed: Message
  /** `placed` in the units asked for. */
}

/**
 * Where a design goes on an item: its pose or poses, marks, tape steps in the worker's units, clearances, warnings.
 *
 * Rules: craft.md sections 1 and 2. Warnings: a design past an edge ('past-edge', stop), on a no-sew zone ('in-zone',
 * stop) or too near one ('near-zone'), designs that touch, a skewed body ('skewed'), a number out of its plausible
 * range ('is-that-right:<id>'), a back that lies up ('mirror').
 *
 * @throws CoreError 'unknown-item', 'unknown-placement', 'unknown-line', 'missing-measure', 'bad-measure',
 *   'bad-design', 'bad-zone', 'off-item', 'no-room', 'bad-request', 'contradiction'; `path` names the field
 * @example a polo of 540 mm with a neck of 180: cross 190 below the shoulder point, 90 from the centre line
 */
export function planPlacement(request: PlacementRequest): PlacementPlan {
  const kind = typeof request.kind === 'string' ? itemKind(request.kind) : request.kind
  const rule = placementRule(kind, request.placement)
  const style = request.style ?? { unit: 'mm' }
  const asks = asksOf(kind, rule, request.choices)
  requireMeasures(asks, request.measures)
  requireDesign(request)

  const { design } = request
  const ground = groundOf(request, kind, rule, asks)
  const { context, lie, straightness, trueTo } = ground
  const laid = layOut(rule, request, ground)

  const hull = convexHull(design.hull ?? rectangle(design.width, design.height))
  const outlines = laid.copies.map(({ pose }) => hull.map((p) => applyPose(pose, p)))
  const pose = laid.copies[0]!.pose
  const clearances = clearancesOf(context.shape, outlines)
  const reaches = laid.copies.map((copy) => reachOf(design, copy.pose, context.shape.outline))
  // A row is marked with its edge toward the worker.
  const seen = { turn: rule.arrange === 'row' ? 0 : pose.rotation, many: laid.copies.length > 1 }
  const asFolded = (step: StepDraft): StepDraft => withFold(request.fold ?? 'crease', step)
  const drafts = [...laid.steps, ...markSteps(reaches[0]!, laid.upIs ?? rule.upIs, seen)].map(asFolded)
  return {
    item: context.shape,
    pose,
    designOutline: outlines[0]!,
    copies: laid.copies,
    outlines,
    row: laid.row ?? null,
    trueTo: straightness.measured ? trueTo(pose.y) : null,
    marks: laid.copies.flatMap((copy, i) => marksFor(copy.pose, reaches[i]!, i)),
    steps: drafts.map((draft) => writeStep(draft, style)),
    tapes: laid.tapes,
    distances: laid.distances,
    clearances,
    warnings: [
      ...tooLarge(context.shape, design, laid),
      ...clearanceWarnings(clearances),
      ...(laid.row ? [] : touching(outlines)),
      ...straightnessAdvice(straightness, pose.y, trueTo(pose.y), lie.worn, sidesNamed(lie)),
      ...laid.warnings,
      ...(lie.back ? [mirrorCheck(lie)] : []),
      ...(reaches.some((r) => underDesign(design, r)) ? [coveredMarks()] : []),
      ...oddNumbers(asks, context.measures),
      ...oddDistances(laid.distances),
    ],
    placed: laid.summary,
  }
}

type Ground = { context: PlacementContext } & Pick<Parameters<typeof placeSingle>[0], 'lie' | 'straightness' | 'trueTo'>

/** The item as it lies there, measured and perhaps askew, and what on it a design is to be true to. */
function groundOf(
  request: PlacementRequest,
  kind: ItemKind,
  rule: PlacementRule,
  asks: readonly MeasurementAsk[],
): Ground {
  const style = request.style ?? { unit: 'mm' }
  const write = (mm: number): string => formatLength(mm, style)
  const measures = onlyAsked(asks, request.measures)
  const levels = rule.view || rule.arrange !== 'one' ? [] : (kind.levels?.(measures) ?? [])
  const straightness = centreOf(levels, measures)
  const shape = rule.view ? rule.view(measures, request.choices ?? {}) : kind.shape(measures)
  const drawn = skewShape(shape, straightness.middles)
  const lie: Lie = { worn: kind.worn ?? false, back: rule.side === 'back' }
  const underarm = levels.find((l) => l.part === 'body')?.y ?? -Infinity
  return {
    context: {
      measures,
      design: request.design,
      habits: { ...defaultHabits, ...request.habits },
      choices: request.choices ?? {},
      shape: withOwnZones(drawn, request.zones ?? []),
      write,
    },
    lie,
    straightness,
    trueTo: (y) => trueToAt(y, request.choices?.trueTo, lie.worn ? underarm : -Infinity),
  }
}

/** What this placement does not ask for is not looked at: it may be assumed, or be there for another placement. */
const onlyAsked = (asks: readonly MeasurementAsk[], measures: Measures): Record<string, number> =>
  Object.fromEntries(asks.flatMap(({ id }) => (measures[id] === undefined ? [] : [[id, measures[id]]])))

/** What the design at height y is true to: as the worker chose, else the neck down to the underarm, the body below. */
function trueToAt(y: number, own: string | undefined, underarm: number): TrueTo {
  if (own === 'start' || own === 'body') return own
  return y <= underarm ? 'start' : 'body'
}

const sidesNamed = ({ worn }: Lie) =>
  worn ? { start: 'true-to.neck', body: 'true-to.body' } : { start: 'true-to.line', body: 'true-to.edges' }

/** A step with what rounding its lengths to the tape costs. */
function writeStep({ id, said, marks = [] }: StepDraft, style: LengthStyle): TapeStep {
  const loss = Math.max(0, ...lengthsIn(said).map((mm) => Math.abs(roundToTape(mm, style) - mm)))
  return { id, said, loss: loss > 1 ? loss : null, marks }
}

function layOut(rule: PlacementRule, request: PlacementRequest, { context, ...how }: Ground): Laid {
  const distances = request.distances ?? {}
  if (rule.arrange === 'row') return placeRow(rule.row(context), context, distances, request.row ?? {}, how.lie)
  if (rule.arrange === 'corners') return placeAtCorners(rule.corners(context), context, distances)
  if (rule.arrange === 'scatter') return placeScatter(rule.scatter(context), context, request.spots ?? [], how.lie)
  const one = placeSingle({ spot: rule.spot(context), context, distances, anchors: request.anchors ?? {}, ...how })
  return rule.arrange === 'ends' ? atBothEnds(one, context.shape) : one
}

function requireDesign({ design, distances }: PlacementRequest): void {
  if (!(design.width > 0 && design.height > 0 && Number.isFinite(design.width + design.height))) {
    throw new CoreError('bad-design', message('problem.the-designs-width-and-height'), 'design')
  }
  for (const [id, mm] of Object.entries(distances ?? {})) {
    if (!Number.isFinite(mm))
      throw new CoreError('bad-measure', message('problem.that-distance-is-not-a'), `distances.${id}`)
  }
}

function clearanceWarnings(clearances: Clearance[]): Advice[] {
  return clearances.flatMap(({ id, name: zone, mm, least }) => {
    if (id === 'edge' && mm < 0) return [stop('past-edge', message('place.past-edge', { past: -mm }))]
    const near = mm < least - 1e-9
    if (id === 'edge') return near ? [caution('near-edge', message('place.near-edge', { room: mm }))] : []
    if (mm <= 0) return [stop('in-zone', message('place.in-zone', { zone }))]
    return near ? [caution('near-zone', message('place.near-zone', { room: mm, zone, least }))] : []
  })
}

/** A design that no place on the item would take: said of its width or height, whichever is too much. */
function tooLarge(item: ItemShape, { width, height }: Size, { copies }: Laid): Advice[] {
  const { left, right, top, bottom } = boxOf(item.outline)
  const quarter = Math.abs(Math.round(copies[0]!.pose.rotation / 90)) % 2 === 1
  const [wide, high] = quarter ? [bottom - top, right - left] : [right - left, bottom - top]
  const told = (code: 'wider-than-item' | 'higher-than-item', size: number, room: number): Advice[] =>
    size > room ? [stop(code, message(`place.${code}`, { size, room }))] : []
  return [...told('wider-than-item', width, wide), ...told('higher-than-item', height, high)]
}

type Size = { width: number; height: number }

/** Designs of corners that come too near each other; a row's neighbours keep their gap by themselves. */
function touching(outlines: Point[][]): Advice[] {
  let least = Infinity
  const boxes = outlines.map((o) => boxOf(o))
  outlines.forEach((a, i) => {
    for (let j = i + 1; j < outlines.length; j++) {
      const [s, t] = [boxes[i]!, boxes[j]!]
      if (s.right + 5 < t.left || t.right + 5 < s.left || s.bottom + 5 < t.top || t.bottom + 5 < s.top) continue
      least = Math.min(least, gapBetween(a, outlines[j]!))
    }
  })
  if (least >= 5) return []
  return [
    least <= 0
      ? stop('designs-touch', message('place.designs-overlap'))
      : caution('designs-touch', message('place.designs-near', { least })),
  ]
}

const mirrorCheck = ({ worn }: Lie): Advice => note('mirror', message(worn ? 'place.mirror-worn' : 'place.mirror'))

const coveredMarks = (): Advice => note('marks-covered', message('place.marks-covered'))

function oddDistances(distances: PlacementDistance[]): Advice[] {
  return distances
    .filter((d) => d.mm < d.plausible[0] || d.mm > d.plausible[1])
    .map(({ id, name, mm, assumed: usual }) =>
      note(`is-that-right:${id}`, message('place.odd-distance', { name, mm, usual })),
    )
}
