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
import { parseLength as parseLengthSaid } from './lengths/parseLength'
import { formatLength as formatLengthSaid } from './lengths/formatLength'
import { rigidFit as rigidFitSaid } from './plane/rigidFit'
import { fitCentreLine as fitCentreLineSaid } from './placement/fitCentreLine'
import { spaceMotifs as spaceMotifsSaid } from './rows/spaceMotifs'
import { splitHoopings as splitHoopingsSaid } from './rows/splitHoopings'
import { placeInHoop as placeInHoopSaid } from './hooping/placeInHoop'
import {
  applyHomography as applyHomographySaid,
  homographyFrom as homographyFromSaid,
} from './cameraMapping/homography'
import { cornerFromEdges as cornerFromEdgesSaid } from './hooping/correction/cornerFromEdges'
import { estimateLoad as estimateLoadSaid } from './design/estimateLoad'
import { writeStitchCsv as writeStitchCsvSaid } from './design/writeStitchCsv'
import { designStats as designStatsSaid } from './design/designStats'
import { planColourOrder as planColourOrderSaid } from './design/planColourOrder'
import { threadUse as threadUseSaid } from './thread/threadUse'
import { bobbinPlan as bobbinPlanSaid } from './thread/bobbinPlan'
import { spoolLeft as spoolLeftSaid } from './thread/spoolLeft'
import { stitchTime as stitchTimeSaid } from './thread/stitchTime'
import { placementBias as placementBiasSaid } from './learning/placementBias'
import { outcomeRates as outcomeRatesSaid } from './learning/outcomeRates'
import { planRunOrder as planRunOrderSaid } from './batch'
import { pieceCost as pieceCostSaid } from './money'
import { cutPlan as cutPlanSaid } from './cutting'
import { type Aloud, aloud, labelOf, problemText, writeMessage, writeName } from '@thimble/language'
import { itemKinds as itemKindsSaid } from './placement/itemKinds'
import { CoreError } from './errors'
import type { LengthStyle } from './lengths/units'
import type { Advice as AdviceSaid } from './advice'
import type { Because as BecauseSaid, Refusal as RefusalSaid } from './recipe/recipeOption'
export { CoreError } from './errors'
export type { LengthStyle, LengthUnit } from './lengths/units'
export { convexHull } from './plane/convexHull'
export type { PointPair, RigidFit } from './plane/rigidFit'
export type { Point, Pose } from './plane/point'
export { rectangle, type Box } from './plane/box'
export type { HouseHabits } from './habits'
export type { ItemShape, NoSewZone, ReferenceLine, TapeLine } from './placement/itemShape'
export type { Measures, MeasurementAsk } from './placement/measures'
export type { Anchor, DesignEdge, PlacementChoice, PlacementRule } from './placement/placementRule'
export type { Copy, PlacementDistance, PlannedRow } from './placement/laid'
export type { OwnAnchors } from './placement/placeSingle'
export type { OwnRow } from './placement/placeRow'
export type { OwnZone } from './placement/ownZones'
export type { CentreLine, Level } from './placement/fitCentreLine'
export type { PlacementRequest } from './placement/planPlacement'
export type { Mark } from './placement/marks'
export type { MotifRow, RowRequest } from './rows/spaceMotifs'
export type { Hooping } from './rows/splitHoopings'
export type { HoopField } from './hooping/hoopField'
export type { HoopFit, HoopPlacement, Slack } from './hooping/placeInHoop'
export type { Homography } from './cameraMapping/homography'
export type { HoopQuery } from './hooping/hoopQuery'
export type { HoopChoiceSource } from './hooping/hoopChoice'
export type { CorrectionQuery } from './hooping/correction/correctHooping'
export type { FoundCorner } from './hooping/correction/cornerFromEdges'
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
export type { ColourBlock, Design, DesignBlock, StitchMove } from './design/design'
export type { ReadSvgOptions } from './design/readDesignSvg'
export type { DesignStats } from './design/designStats'
export type { ColourOrder } from './design/planColourOrder'
export type { ThreadUse } from './thread/threadUse'
export type { BobbinPlan } from './thread/bobbinPlan'
export type { StitchTime } from './thread/stitchTime'
export type { BiasReport, LandingSample } from './learning/placementBias'
export type { OutcomeRow, RateRow } from './learning/outcomeRates'
export type { RunOrder, RunPiece, RunQuery } from './batch'
export type { CostBreakdown, CostQuery } from './money'
export type { CutPlan, CutQuery } from './cutting'

/** @see itemKindsSaid; what everything is called, and how it is measured, in words */
export const itemKinds = itemKindsSaid.map(({ name, reference, sizes, measurements, placements, ...kind }) => ({
  ...kind,
  ...{ name: writeName(name), reference: writeName(reference) },
  sizes: sizes.map((size) => ({ ...size, name: writeName(size.name) })),
  measurements: measurements.map((ask) => ({ ...ask, name: writeName(ask.name), howTo: writeName(ask.howTo) })),
  placements: placements.map((rule) => ({
    ...{ ...rule, name: writeName(rule.name), upIs: writeName(rule.upIs) },
    choices: rule.choices?.map((choice) => ({
      ...{ ...choice, name: writeName(choice.name) },
      choices: choice.choices.map((one) => ({ ...one, name: writeName(one.name) })),
    })),
  })),
}))
export type ItemKind = (typeof itemKinds)[number]

/** What the core throws says it in words. */
function inWords<T>(work: () => T, style?: LengthStyle): T {
  try {
    return work()
  } catch (error) {
    throw error instanceof CoreError ? new CoreError(error.code, problemText(error, style), error.path) : error
  }
}

/** A function whose errors are in words. */
const spoken = <F extends (...given: never[]) => unknown>(work: F): F =>
  ((...given: Parameters<F>) => inWords(() => work(...given))) as F

/** @see parseLengthSaid */
export const parseLength = spoken(parseLengthSaid)
/** @see formatLengthSaid */
export const formatLength = spoken(formatLengthSaid)
/** @see rigidFitSaid */
export const rigidFit = spoken(rigidFitSaid)
/** @see fitCentreLineSaid */
export const fitCentreLine = spoken(fitCentreLineSaid)
/** @see spaceMotifsSaid */
export const spaceMotifs = spoken(spaceMotifsSaid)
/** @see splitHoopingsSaid */
export const splitHoopings = spoken(splitHoopingsSaid)
/** @see placeInHoopSaid */
export const placeInHoop = spoken(placeInHoopSaid)
/** @see applyHomographySaid */
export const applyHomography = spoken(applyHomographySaid)
/** @see homographyFromSaid */
export const homographyFrom = spoken(homographyFromSaid)
/** @see cornerFromEdgesSaid */
export const cornerFromEdges = spoken(cornerFromEdgesSaid)
/** @see estimateLoadSaid */
export const estimateLoad = spoken(estimateLoadSaid)
/** @see writeStitchCsvSaid */
export const writeStitchCsv = spoken(writeStitchCsvSaid)
/** @see designStatsSaid */
export const designStats = spoken(designStatsSaid)
/** @see planColourOrderSaid */
export const planColourOrder = spoken(planColourOrderSaid)
/** @see threadUseSaid */
export const threadUse = spoken(threadUseSaid)
/** @see bobbinPlanSaid */
export const bobbinPlan = spoken(bobbinPlanSaid)
/** @see spoolLeftSaid */
export const spoolLeft = spoken(spoolLeftSaid)
/** @see stitchTimeSaid */
export const stitchTime = spoken(stitchTimeSaid)
/** @see placementBiasSaid */
export const placementBias = spoken(placementBiasSaid)
/** @see outcomeRatesSaid */
export const outcomeRates = spoken(outcomeRatesSaid)
/** @see planRunOrderSaid */
export const planRunOrder = spoken(planRunOrderSaid)
/** @see pieceCostSaid */
export const pieceCost = spoken(pieceCostSaid)
/** @see cutPlanSaid */
export const cutPlan = spoken(cutPlanSaid)

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
