import type { Hoop, Piece } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import { formatLength, type LengthStyle, roundDownToTape } from '@thimble/core/lengths'
import {
  asksOf,
  type ItemKind,
  type MeasurementAsk,
  type PlacementPlan,
  placementRule,
  type PlacementRule,
  planPlacement,
  usualDesign,
} from '@thimble/core/placement'
import { sewnAlong } from '../hoop/rowHoopings'
import { kindOf } from '../pieces/kindOf'
import type { Shelf } from '../shelf'
import { answerStyle } from './answerStyle'
import { designOf, type PieceDesign } from './pieceDesign'
import { readDistances, readMeasures, readRow, readZones } from './readPiece'
import { readCount, readTyped } from './readTyped'

/** What follows from what was put in at Measure as it stands now; what was decided there may say otherwise. */
export type MeasurePlan = {
  style: LengthStyle
  write: (mm: number) => string
  /** For room that must not be promised: rounded down to the tape. */
  writeRoom: (mm: number) => string
  kind: ItemKind
  rule: PlacementRule
  /** What this placement asks of the tape. */
  asks: readonly MeasurementAsk[]
  measures: Record<string, number>
  design: PieceDesign
  /** Sentences by the path of the field they belong to. */
  problems: Record<string, string>
  /** Measurements asked that are not from a tape yet; `carried` are those from an earlier piece. */
  assumed: ReadonlySet<string>
  carried: ReadonlySet<string>
  placement: PlacementPlan | null
}

/** As much of a piece as its marks rest on. */
type Measured = Pick<Piece, 'item' | 'measure'> & { hoop: Pick<Piece['hoop'], 'hoopId'> }

/** The shop's units and habits, its designs, and its hoops where a row is to be split over one. */
type MeasureShelf = Pick<Shelf, 'shop' | 'designs'> & Partial<Pick<Shelf, 'hoops'>>

/** What is said of a design that was chosen and is not here. */
export const DESIGN_MISSING = 'Its design is not on this device: wait until it has come, or choose another.'

export function planMeasure(piece: Measured, { shop, designs, hoops = [] }: MeasureShelf): MeasurePlan {
  const { measure } = piece
  const kind = kindOf(piece)
  const rule = placementRule(kind, measure.placement)
  const style = answerStyle(measure, shop)
  const problems: Record<string, string> = {}
  const asks = asksOf(kind, rule, measure.choices)
  const { measures, assumed, carried } = readMeasures(piece, kind, problems)
  const distances = readDistances(piece, problems)
  for (const side of ['width', 'height'] as const) {
    const { mm, problem } = readTyped(measure.ownDesign[side])
    if (problem) problems[`design.${side}`] = problem
    else if (mm === 0) problems[`design.${side}`] = 'A design needs a size above zero.'
  }
  const counted = readCount(measure.ownDesign.stitches)
  if (counted.problem && !measure.designId) problems['design.stitches'] = counted.problem
  const design = designOf(piece, designs, usualDesign(kind, rule, measures))
  const hoop = hoops.find((h) => h.id === piece.hoop.hoopId)
  const zones = readZones(measure.zones, problems)
  const row = rule.arrange === 'row' ? { ...readRow(piece, problems), ...fieldOf(hoop, design) } : {}
  if (design.missing) problems.design = DESIGN_MISSING
  const place = (): PlacementPlan =>
    planPlacement({
      kind,
      placement: measure.placement,
      measures,
      distances,
      choices: measure.choices,
      anchors: measure.anchors,
      zones,
      row,
      design,
      style,
      habits: shop.habits,
    })
  const placement = design.missing ? null : orSay(place, problems)
  for (const { code, text } of placement?.warnings ?? []) if (tooLargeAt[code]) problems[tooLargeAt[code]] ??= text
  const asked = new Set(asks.map((a) => a.id))
  return {
    style,
    write: (mm) => formatLength(mm, style),
    writeRoom: (mm) => formatLength(roundDownToTape(mm, style), style),
    kind,
    rule,
    asks,
    measures,
    design,
    problems: onlyAsked(problems, asked),
    assumed: new Set([...assumed].filter((id) => asked.has(id))),
    carried: new Set([...carried].filter((id) => asked.has(id))),
    placement,
  }
}

/** What comes of it; null where the core has something to say against it, which is said at its field. */
function orSay<T>(work: () => T, problems: Record<string, string>): T | null {
  try {
    return work()
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    problems[error.path] ??= error.message
    return null
  }
}

const tooLargeAt: Record<string, string> = { 'wider-than-item': 'design.width', 'higher-than-item': 'design.height' }

/** What is typed wrong for another placement on the same item waits there; it does not hold this one up. */
function onlyAsked(problems: Record<string, string>, asked: ReadonlySet<string>): Record<string, string> {
  return Object.fromEntries(
    Object.entries(problems).filter(
      ([path]) => !path.startsWith('measures.') || asked.has(path.slice('measures.'.length)),
    ),
  )
}

/** What the chosen hoop sews of a row in one go. */
function fieldOf(hoop: Hoop | undefined, { width, height }: PieceDesign): { fieldLength?: number } {
  const fieldLength = hoop ? sewnAlong(hoop.field, width, height) : 0
  return fieldLength > 0 ? { fieldLength } : {}
}
