import type { Design, Hoop, Piece, Shop, Supply } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import { chooseHolding, type HoldingAdvice } from '@thimble/core/hooping/chooseHolding'
import { type HoopChoice, type HoopChoiceSource, rankHoops } from '@thimble/core/hooping/rankHoops'
import { formatLength, roundDownToTape } from '@thimble/core/lengths/formatLength'
import { type LengthStyle } from '@thimble/core/lengths/units'
import { type ItemKind } from '@thimble/core/placement/itemKind'
import { placementRule } from '@thimble/core/placement/itemKinds'
import { type MeasurementAsk } from '@thimble/core/placement/measures'
import { asksOf } from '@thimble/core/placement/measuresNeeded'
import { type PlacementRule } from '@thimble/core/placement/placementRule'
import { type PlacementPlan, planPlacement } from '@thimble/core/placement/planPlacement'
import { type RecipeAdvice } from '@thimble/core/recipe/recipeOption'
import { type HoldingMethod, type RecipeQuery } from '@thimble/core/recipe/recipeQuery'
import { recommendRecipe } from '@thimble/core/recipe/recommendRecipe'
import { rowFieldLength } from '@thimble/core/rows/rowFieldLength'
import { designOf, type PieceDesign } from './pieceDesign'
import { kindOf } from './kindOf'
import { readDistances, readMeasures, readRow, readZones } from './readPiece'
import { readNumber, readTyped } from './readTyped'

export type Shelf = { shop: Shop; designs: Record<string, Design>; hoops: readonly Hoop[]; supplies: readonly Supply[] }

/** All that follows from what is known of a piece: nothing here is stored, everything is worked out again. */
export type PiecePlan = {
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

type MeasureShelf = Pick<Shelf, 'shop' | 'designs'> & { hoops?: readonly Hoop[] }

export function planMeasure(piece: Piece, { shop, designs, hoops = [] }: MeasureShelf): PiecePlan {
  const kind = kindOf(piece)
  const rule = placementRule(kind, piece.placement)
  const style: LengthStyle = { unit: shop.unit, fraction: shop.fraction }
  const problems: Record<string, string> = {}
  const asks = asksOf(kind, rule)
  const { measures, assumed, carried } = readMeasures(piece, kind, problems)
  const distances = readDistances(piece, problems)
  for (const side of ['width', 'height'] as const) {
    const { mm, problem } = readTyped(piece.ownDesign[side])
    if (problem) problems[`design.${side}`] = problem
    else if (mm === 0) problems[`design.${side}`] = 'A design needs a size above zero.'
  }
  const design = designOf(piece, designs, rule.usual)
  const hoop = hoops.find((h) => h.id === piece.hoopId)
  const zones = readZones(piece.zones, problems)
  const row = rule.arrange === 'row' ? { ...readRow(piece, problems), ...fieldOf(hoop, design) } : {}
  let placement: PlacementPlan | null = null
  try {
    placement = planPlacement({
      kind,
      placement: piece.placement,
      measures,
      distances,
      choices: piece.choices,
      anchors: piece.anchors,
      zones,
      row,
      design,
      style,
      habits: shop.habits,
    })
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    problems[error.path] ??= error.message
  }
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

const tooLargeAt: Record<string, string> = { 'wider-than-item': 'design.width', 'higher-than-item': 'design.height' }

/** What is typed wrong for another placement on the same item waits there; it does not hold this one up. */
function onlyAsked(problems: Record<string, string>, asked: ReadonlySet<string>): Record<string, string> {
  return Object.fromEntries(
    Object.entries(problems).filter(
      ([path]) => !path.startsWith('measures.') || asked.has(path.slice('measures.'.length)),
    ),
  )
}

/** What the chosen hoop sews of a row in one go, with a little room at the ends where that leaves a motif. */
function fieldOf(hoop: Hoop | undefined, { width, height }: PieceDesign): { fieldLength?: number } {
  if (!hoop) return {}
  const easy = rowFieldLength(hoop.field, height, 5)
  const fieldLength = easy >= width ? easy : rowFieldLength(hoop.field, height)
  return fieldLength > 0 ? { fieldLength } : {}
}

export function recipeQuery(piece: Piece, design: PieceDesign, { shop, hoops, supplies }: Shelf): RecipeQuery {
  const stretch = readNumber(piece.cloth.stretch, 200).value
  const hoop = hoops.find((h) => h.id === piece.hoopId)
  return {
    cloth: {
      family: piece.cloth.family,
      colour: piece.cloth.colour,
      ...(stretch === null ? {} : { stretchPercent: stretch }),
    },
    work: {
      widthMm: design.width,
      heightMm: design.height,
      loadClass: design.loadClass,
      kind: design.kind,
      colourCount: new Set(design.colours).size,
      ...(design.smallestLetterMm ? { smallestLetterMm: design.smallestLetterMm } : {}),
      topThread: { ...piece.thread, colours: design.colours },
    },
    use: piece.use,
    habits: shop.habits,
    ...(piece.holding ? { holding: piece.holding } : {}),
    ...(hoop ? { ring: ringOf(hoop) } : {}),
    stash: supplies.map(({ kind, widthMm, leftMm }) => ({ kind, widthMm, lengthMm: leftMm })),
  }
}

const ringOf = (hoop: Hoop) => ({
  outsideWidthMm: hoop.outside.width,
  outsideHeightMm: hoop.outside.height,
  clamp: hoop.clamp,
  ...(hoop.maxThicknessMm ? { maxThicknessMm: hoop.maxThicknessMm } : {}),
})

/** Recipes for the piece; `query.holding` only when the worker has chosen one. */
export function planBuild(piece: Piece, plan: PiecePlan, shelf: Shelf): RecipeAdvice {
  return recommendRecipe(recipeQuery(piece, plan.design, shelf))
}

export type HoopPlan = { ranked: HoopChoice[]; chosen: HoopChoice | null; hoop: Hoop | null; holding: HoldingAdvice }

/** Hoops for the piece, and how to hold it in the one chosen, or in the best while none is. */
export function planHoop(piece: Piece, plan: PiecePlan, shelf: Shelf): HoopPlan {
  const query = recipeQuery(piece, plan.design, shelf)
  const { placement } = plan
  const item = placement
    ? {
        target: placement.pose,
        outline: placement.item.outline,
        zones: placement.item.zones,
        tube: placement.item.tube,
      }
    : undefined
  const rank = (method: HoldingMethod) =>
    rankHoops({
      hull: plan.design.hull,
      hoops: shelf.hoops.map(sourceOf),
      holding: method === 'backing-alone' ? 'floated' : method,
      style: plan.style,
      ...(placement?.row ? { row: { ...placement.row, height: plan.design.height } } : {}),
      ...(item ? { item } : {}),
    })
  const asAdvised = rank(piece.holding ?? chooseHolding(query).method)
  // Near an edge or in a corner no ring finds cloth enough, and the piece goes on top of it.
  const ranked = piece.holding || asAdvised.some((c) => c.fits) ? asAdvised : rank('floated')
  const chosen = ranked.find((c) => c.hoop === piece.hoopId) ?? null
  const shown = chosen ?? ranked.find((c) => c.fits) ?? null
  const flat = placement && !placement.item.tube
  const advice = chooseHolding({
    ...query,
    style: plan.style,
    ...(shown && flat && shown.clothBeyondRing !== null ? { clothBeyondRing: shown.clothBeyondRing } : {}),
    ...(shown ? { ringInside: shown.ringInside } : {}),
  })
  return { ranked, chosen, hoop: shelf.hoops.find((h) => h.id === piece.hoopId) ?? null, holding: advice }
}

const sourceOf = ({ id, name, field, outside, clamp, maxThicknessMm, notchOffset }: Hoop): HoopChoiceSource => ({
  id,
  name,
  field,
  outside,
  clamp,
  ...(maxThicknessMm ? { maxThicknessMm } : {}),
  ...(notchOffset ? { notchOffset } : {}),
})
