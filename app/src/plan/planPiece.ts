import type { Design, Hoop, Piece, Shop, Supply } from '@thimble/contract'
import {
  chooseHolding,
  CoreError,
  type HoldingAdvice,
  type HoopChoice,
  type HoopChoiceSource,
  itemKind,
  type PlacementPlan,
  planPlacement,
  presetMeasures,
  rankHoops,
  recommendRecipe,
  type RecipeAdvice,
  type RecipeQuery,
  rectangle,
  type LengthStyle,
  formatLength,
  roundDownToTape,
} from '@thimble/core'
import { designOf, type PieceDesign } from './pieceDesign'
import { readNumber, readTyped } from './readTyped'

export type Shelf = { shop: Shop; designs: Record<string, Design>; hoops: readonly Hoop[]; supplies: readonly Supply[] }

/** All that follows from what is known of a piece: nothing here is stored, everything is worked out again. */
export type PiecePlan = {
  style: LengthStyle
  write: (mm: number) => string
  /** For room that must not be promised: rounded down to the tape. */
  writeRoom: (mm: number) => string
  design: PieceDesign
  /** Sentences by the path of the field they belong to. */
  problems: Record<string, string>
  /** Measurements taken from the size, not from a tape. */
  assumed: ReadonlySet<string>
  placement: PlacementPlan | null
}

export function planMeasure(piece: Piece, { shop, designs }: Pick<Shelf, 'shop' | 'designs'>): PiecePlan {
  const kind = itemKind(piece.itemKind)
  const style: LengthStyle = { unit: shop.unit, fraction: shop.fraction }
  const problems: Record<string, string> = {}
  const measures: Record<string, number> = { ...presetMeasures(kind, piece.size) }
  const assumed = new Set<string>()
  for (const { id } of kind.measurements) {
    const { mm, problem } = readTyped(piece.measures[id])
    if (problem) problems[`measures.${id}`] = problem
    if (mm === null) assumed.add(id)
    else measures[id] = mm
  }
  const distances: Record<string, number> = {}
  for (const [id, typed] of Object.entries(piece.distances)) {
    const { mm, problem } = readTyped(typed)
    if (problem) problems[`distances.${id}`] = problem
    if (mm !== null) distances[id] = mm
  }
  for (const side of ['width', 'height'] as const) {
    const { mm, problem } = readTyped(piece.ownDesign[side])
    if (problem) problems[`design.${side}`] = problem
    else if (mm === 0) problems[`design.${side}`] = 'A design needs a size above zero.'
  }
  const design = designOf(piece, designs)
  let placement: PlacementPlan | null = null
  try {
    placement = planPlacement({
      kind: kind.id,
      placement: piece.placement,
      measures,
      distances,
      design,
      style,
      habits: shop.habits,
    })
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    problems[error.path] ??= error.message
  }
  return {
    style,
    write: (mm) => formatLength(mm, style),
    writeRoom: (mm) => formatLength(roundDownToTape(mm, style), style),
    design,
    problems,
    assumed,
    placement,
  }
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
      colourCount: design.colours.length,
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
  const free = chooseHolding(query)
  const method = piece.holding ?? free.method
  const holding = method === 'backing-alone' ? 'floated' : method
  const ranked = rankHoops({
    hull: rectangle(plan.design.width, plan.design.height),
    hoops: shelf.hoops.map(sourceOf),
    holding,
    style: plan.style,
    ...(item ? { item } : {}),
  })
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
