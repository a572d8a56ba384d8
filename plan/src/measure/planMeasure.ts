import { planning as t } from '@thimble/language/en/planning'
import { problemText, writeMessage } from '@thimble/language'
import type { Hoop, Piece } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import { foldMarkedWith } from '@thimble/core/marking'
import { formatLength, type LengthStyle, roundDownToTape } from '@thimble/core/lengths'
import {
  asksOf,
  besideAdvice,
  type DesignBeside,
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
import { designsBeside } from './beside'
import { answerStyle } from './answerStyle'
import { designOf, type PieceDesign } from './pieceDesign'
import { readDistances, readMeasures, readRow, readSpots, readZones } from './readPiece'
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
  /** Designs of other placements on the same part of the item. */
  beside: readonly DesignBeside[]
}

/** As much of a piece as its marks rest on. */
type Measured = Pick<Piece, 'item' | 'measure'> & {
  hoop: Pick<Piece['hoop'], 'hoopId'>
  build: { cloth: Pick<Piece['build']['cloth'], 'family'> }
}

/** The shop's units and habits, its designs, and its hoops where a row is to be split over one. */
type MeasureShelf = Pick<Shelf, 'shop' | 'designs' | 'beside'> & Partial<Pick<Shelf, 'hoops'>>

/** What is said of a design that was chosen and is not here. */
export const DESIGN_MISSING = t('its-design-isnt-on-this')

export function planMeasure(piece: Measured, shelf: MeasureShelf): MeasurePlan {
  const { shop, designs, hoops = [] } = shelf
  const { measure } = piece
  const kind = kindOf(piece)
  const rule = placementRule(kind, measure.placement)
  const style = answerStyle(measure, shop)
  const problems: Record<string, string> = {}
  const asks = asksOf(kind, rule, measure.choices)
  const { measures, assumed, carried } = readMeasures(piece, kind, problems)
  const distances = readDistances(piece, problems)
  refuseDesign(measure, problems)
  const design = designOf(piece, designs, usualDesign(kind, rule, measures))
  const hoop = hoops.find((h) => h.id === piece.hoop.hoopId)
  const spots = rule.arrange === 'scatter' ? readSpots(measure.spots, problems) : []
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
      spots,
      design,
      style,
      habits: shop.habits,
      fold: foldMarkedWith({ family: piece.build.cloth.family, dark: false, infant: kind.use?.infant }),
    })
  const alone = design.missing ? null : orSay(place, problems, style)
  const beside = designsBeside(piece, rule, shelf.beside ?? [], (other) => {
    const theirs = planMeasure(other, { shop, designs, hoops })
    return theirs.placement && !theirs.design.assumed ? theirs.placement.outlines : null
  })
  const placement = alone && (design.assumed ? alone : amongOthers(alone, beside))
  refusePlace(placement, problems, style)
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
    beside,
  }
}

/** The placement with what is said of it and the other designs on the item. */
function amongOthers(alone: PlacementPlan, beside: readonly DesignBeside[]): PlacementPlan {
  const said = besideAdvice(alone.outlines, beside)
  return said.length > 0 ? { ...alone, warnings: [...said, ...alone.warnings] } : alone
}

/** What was typed of a design by its size that cannot be one. */
function refuseDesign({ ownDesign, designId }: Piece['measure'], problems: Record<string, string>): void {
  for (const side of ['width', 'height'] as const) {
    const { mm, problem } = readTyped(ownDesign[side])
    if (problem) problems[`design.${side}`] = problem
    else if (mm === 0) problems[`design.${side}`] = t('the-designs-size-must-be')
  }
  const counted = readCount(ownDesign.stitches)
  if (counted.problem && !designId) problems['design.stitches'] = counted.problem
}

/** What cannot be sewn as it lies holds the marks up. */
function refusePlace(placement: PlacementPlan | null, problems: Record<string, string>, style: LengthStyle): void {
  for (const { code, said } of placement?.warnings ?? [])
    if (tooLargeAt[code]) problems[tooLargeAt[code]] ??= writeMessage(said, style)
}

/** What comes of it; null where the core has something to say against it, which is said at its field. */
function orSay<T>(work: () => T, problems: Record<string, string>, style: LengthStyle): T | null {
  try {
    return work()
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    problems[error.path] ??= problemText(error, style)
    return null
  }
}

/** What cannot be sewn as it lies, and the field it is said at (craft.md section 9). */
const tooLargeAt: Record<string, string> = {
  'wider-than-item': 'design.width',
  'higher-than-item': 'design.height',
  'past-edge': 'placed',
}

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
