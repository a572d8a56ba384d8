/*
 * The public names of docs/core.md, and the types they need. Other rooms enter by concern, @thimble/core/placement and so
 * on, and get messages: here alone the words are put beside them.
 */
import { planPlacement as planPlacementSaid } from './placement/planPlacement'
import { rankHoops as rankHoopsSaid } from './hooping/rankHoops'
import { correctHooping as correctHoopingSaid } from './hooping/correction/correctHooping'
import { orientLoading as orientLoadingSaid } from './hooping/loading/orientLoading'
import { chooseHolding as chooseHoldingSaid } from './hooping/chooseHolding'
import { recommendRecipe as recommendRecipeSaid } from './recipe/recommendRecipe'
import { readDesignSvg as readDesignSvgSaid } from './design/readDesignSvg'
import { readStitchCsv as readStitchCsvSaid } from './design/readStitchCsv'
import { type Aloud, aloud, labelOf, problemText, writeMessage } from '@thimble/language'
import { CoreError } from './errors'
import type { LengthStyle } from './lengths/units'
import type { Advice as AdviceSaid } from './advice'
import type { Because as BecauseSaid, Refusal as RefusalSaid } from './recipe/recipeOption'
export { CoreError } from './errors'
export { parseLength } from './lengths/parseLength'
export { formatLength } from './lengths/formatLength'
export type { LengthStyle, LengthUnit } from './lengths/units'
export { convexHull } from './plane/convexHull'
export { rigidFit, type PointPair, type RigidFit } from './plane/rigidFit'
export type { Point, Pose } from './plane/point'
export { rectangle, type Box } from './plane/box'
export type { HouseHabits } from './habits'
export type { ItemKind } from './placement/itemKind'
export type { ItemShape, NoSewZone, ReferenceLine, TapeLine } from './placement/itemShape'
export type { Measures, MeasurementAsk } from './placement/measures'
export type { Anchor, DesignEdge, PlacementChoice, PlacementRule } from './placement/placementRule'
export type { Copy, PlacementDistance, PlannedRow } from './placement/laid'
export type { OwnAnchors } from './placement/placeSingle'
export type { OwnRow } from './placement/placeRow'
export type { OwnZone } from './placement/ownZones'
export { itemKinds } from './placement/itemKinds'
export { fitCentreLine, type CentreLine, type Level } from './placement/fitCentreLine'
export type { PlacementRequest } from './placement/planPlacement'
export type { Mark } from './placement/marks'
export { spaceMotifs, type MotifRow, type RowRequest } from './rows/spaceMotifs'
export { splitHoopings, type Hooping } from './rows/splitHoopings'
export type { HoopField } from './hooping/hoopField'
export { placeInHoop, type HoopFit, type HoopPlacement, type Slack } from './hooping/placeInHoop'
export { applyHomography, homographyFrom, type Homography } from './cameraMapping/homography'
export type { HoopQuery } from './hooping/hoopQuery'
export type { HoopChoiceSource } from './hooping/hoopChoice'
export type { CorrectionQuery } from './hooping/correction/correctHooping'
export { cornerFromEdges, type FoundCorner } from './hooping/correction/cornerFromEdges'
export type { LoadingQuery } from './hooping/loading/orientLoading'
export type { HoldingQuery } from './hooping/chooseHolding'
export type { Cloth, ClothFamily } from './recipe/clothFacts'
export type {
  HoldingMethod,
  LoadClass,
  RecipeQuery,
  Ring,
  StashLine,
  TopThread,
  Use,
  Work,
  WorkKind,
} from './recipe/recipeQuery'
export type { BackingKind, Layer, Needle, ToppingKind } from './recipe/stack'
export { estimateLoad } from './design/estimateLoad'
export type { ColourBlock, Design, DesignBlock, StitchMove } from './design/design'
export type { ReadSvgOptions } from './design/readDesignSvg'
export { writeStitchCsv } from './design/writeStitchCsv'
export { designStats, type DesignStats } from './design/designStats'
export { type ColourOrder, planColourOrder } from './design/planColourOrder'
export { threadUse, type ThreadUse } from './thread/threadUse'
export { type BobbinPlan, bobbinPlan } from './thread/bobbinPlan'
export { spoolLeft } from './thread/spoolLeft'
export { type StitchTime, stitchTime } from './thread/stitchTime'
export { type BiasReport, type LandingSample, placementBias } from './learning/placementBias'
export { type OutcomeRow, outcomeRates, type RateRow } from './learning/outcomeRates'
export { planRunOrder, type RunOrder, type RunPiece, type RunQuery } from './batch'
export { pieceCost, type CostBreakdown, type CostQuery } from './money'
export { cutPlan, type CutPlan, type CutQuery } from './cutting'

/** What the core throws says it in words. */
function inWords<T>(work: () => T, style?: LengthStyle): T {
  try {
    return work()
  } catch (error) {
    throw error instanceof CoreError ? new CoreError(error.code, problemText(error, style), error.path) : error
  }
}

/** @see planPlacementSaid; its steps, warnings and distances in words, in `style` */
export const planPlacement = (request: Parameters<typeof planPlacementSaid>[0]) =>
  inWords(() => {
    const { distances, ...plan } = planPlacementSaid(request)
    return {
      ...aloud(plan, request.style),
      distances: distances.map((distance) => ({ ...distance, name: labelOf(distance.name) })),
      summary: writeMessage(plan.placed, request.style),
    }
  }, request.style)

/** @see rankHoopsSaid; its reasons in words, in `q.style` */
export const rankHoops = (q: Parameters<typeof rankHoopsSaid>[0]) =>
  inWords(() => aloud(rankHoopsSaid(q), q.style), q.style)

/** @see correctHoopingSaid; its warnings and remedies in words, in `q.style` */
export const correctHooping = (q: Parameters<typeof correctHoopingSaid>[0]) =>
  inWords(() => aloud(correctHoopingSaid(q), q.style), q.style)

/** @see orientLoadingSaid; its reason, warnings and other ways in words, in `q.style` */
export const orientLoading = (q: Parameters<typeof orientLoadingSaid>[0]) =>
  inWords(() => aloud(orientLoadingSaid(q), q.style), q.style)

/** @see chooseHoldingSaid; its reasons in words */
export const chooseHolding = (q: Parameters<typeof chooseHoldingSaid>[0]) => inWords(() => aloud(chooseHoldingSaid(q)))

/** @see recommendRecipeSaid; its reasons, lists and refusals in words */
export const recommendRecipe = (q: Parameters<typeof recommendRecipeSaid>[0]) =>
  inWords(() => {
    const { options, refused } = recommendRecipeSaid(q)
    return {
      options: options.map(({ tension, short, ...option }) => ({
        ...aloud(option),
        ...{ tension: writeMessage(tension), short: short.map((one) => ({ ...one, need: writeMessage(one.need) })) },
      })),
      refused: refused.map((one) => ({ ...aloud(one), what: nameOfRefused(one.what) })),
    }
  })

function nameOfRefused(what: RefusalSaid['what']): string {
  const said = what === 'fusing' || what === 'tear-away-alone' ? `refused.${what}` : `holding.${what}`
  return labelOf(said)
}

/** @see readDesignSvgSaid; its warnings in words */
export const readDesignSvg = (...given: Parameters<typeof readDesignSvgSaid>) =>
  inWords(() => {
    const design = readDesignSvgSaid(...given)
    return { ...design, warnings: aloud(design.warnings) }
  })

/** @see readStitchCsvSaid; its warnings in words */
export const readStitchCsv = (text: string) =>
  inWords(() => {
    const design = readStitchCsvSaid(text)
    return { ...design, warnings: aloud(design.warnings) }
  })

export type Advice = Aloud<AdviceSaid>
export type Because = Aloud<BecauseSaid>
export type PlacementPlan = ReturnType<typeof planPlacement>
export type TapeStep = PlacementPlan['steps'][number]
export type HoopChoice = ReturnType<typeof rankHoops>[number]
export type Correction = ReturnType<typeof correctHooping>
export type Remedy = Correction['remedies'][number]
export type Loading = ReturnType<typeof orientLoading>
export type HoldingAdvice = ReturnType<typeof chooseHolding>
export type RecipeAdvice = ReturnType<typeof recommendRecipe>
export type RecipeOption = RecipeAdvice['options'][number]
export type Refusal = RecipeAdvice['refused'][number]
