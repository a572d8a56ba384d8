import { createSelector } from '@reduxjs/toolkit'
import type { Piece } from '@thimble/contract'
import {
  bestUnder,
  builtAsHeld,
  builtOf,
  markedOf,
  type MeasurePlan,
  planBuild,
  planHoop,
  planMeasure,
  type Shelf,
} from '@thimble/plan'

/*
 * Plans of a piece, each remembered by no more than what it rests on: a key typed in the record works nothing out
 * again at Measure, and what was decided is never worked out at all.
 */
type PlanArgs = [piece: Piece, shelf: Shelf]
const [item, measure, build] = [
  (...[piece]: PlanArgs) => piece.item,
  (...[piece]: PlanArgs) => piece.measure,
  (...[piece]: PlanArgs) => piece.build,
]
const [shop, designs, machines, hoops, supplies] = [
  (...[, shelf]: PlanArgs) => shelf.shop,
  (...[, shelf]: PlanArgs) => shelf.designs,
  (...[, shelf]: PlanArgs) => shelf.machines,
  (...[, shelf]: PlanArgs) => shelf.hoops,
  (...[, shelf]: PlanArgs) => shelf.supplies,
]
const corrections = (...[, shelf]: PlanArgs) => shelf.corrections
const record = (...[, shelf]: PlanArgs) => shelf.record
const family = (...[piece]: PlanArgs) => piece.build.cloth.family
const placement = (...[piece]: PlanArgs) => piece.measure.placement
const beside = (...[, shelf]: PlanArgs) => shelf.beside
const hoopId = (...[piece]: PlanArgs) => piece.hoop.hoopId

export const selectMeasure = createSelector(
  [item, measure, hoopId, family, shop, designs, hoops, beside],
  (item, measure, hoopId, family, shop, designs, hoops, beside): MeasurePlan =>
    planMeasure(
      { item, measure, hoop: { hoopId }, build: { cloth: { family } } },
      { shop, designs, hoops, ...(beside ? { beside } : {}) },
    ),
)

const keptMarks = (...[piece]: PlanArgs) => piece.measure.kept
const livePlan = (...ask: PlanArgs) => (ask[0].measure.kept.length > 0 ? null : selectMeasure(...ask))

const moved = (...[piece]: PlanArgs) => piece.hoop.moved

export const selectMarked = createSelector([keptMarks, livePlan, designs, moved], markedOf)
const markedDesign = (...ask: PlanArgs) => selectMarked(...ask).design

const held = createSelector(
  [hoopId, (...[piece]: PlanArgs) => piece.hoop.holding, (...[piece]: PlanArgs) => piece.hoop.kept],
  (hoopId, holding, kept) => ({ hoopId, holding, kept }),
)

/** What of the stage a hoop is chosen by: where the marks landed afterwards changes nothing of that. */
const ringed = createSelector(
  [
    hoopId,
    (...[piece]: PlanArgs) => piece.hoop.holding,
    (...[piece]: PlanArgs) => piece.hoop.machineId,
    (...[piece]: PlanArgs) => piece.hoop.turn,
    (...[piece]: PlanArgs) => piece.hoop.lineUp,
  ],
  (hoopId, holding, machineId, turn, lineUp) => ({ hoopId, holding, machineId, turn, lineUp }),
)
const madeOf = createSelector(
  [
    (...[piece]: PlanArgs) => piece.build.cloth,
    (...[piece]: PlanArgs) => piece.build.use,
    (...[piece]: PlanArgs) => piece.build.thread,
  ],
  (cloth, use, thread) => ({ cloth, use, thread }),
)
/** The hoops as they would be taken for no stack yet: the cloth decides. */
const selectFree = createSelector(
  [item, measure, madeOf, ringed, selectMarked, shop, hoops, machines],
  (item, measure, build, hoop, marked, shop, hoops, machines) =>
    planHoop({ piece: { item, measure, build, hoop }, marked, stack: null, shop, hoops, machines }),
)
const best = (...ask: PlanArgs) => bestUnder(ask[0], () => selectFree(...ask))

export const selectBuild = createSelector(
  [item, placement, build, held, markedDesign, shop, hoops, supplies, best, record],
  (item, placement, build, hoop, design, shop, hoops, supplies, best, record) =>
    planBuild(
      { item, measure: { placement }, build, hoop },
      design,
      { shop, hoops, supplies, ...(record ? { record } : {}) },
      best,
    ),
)

const asBuilt = createSelector([build, selectBuild], builtOf)
const builtStack = (...ask: PlanArgs) => asBuilt(...ask).stack

export const selectHoop = createSelector(
  [item, measure, build, ringed, selectMarked, builtStack, shop, hoops, machines, corrections],
  (item, measure, build, hoop, marked, stack, shop, hoops, machines, corrections) =>
    planHoop({ piece: { item, measure, build, hoop }, marked, stack, shop, hoops, machines, corrections }),
)

/** What was built, held as the piece is held. */
export const selectBuilt = createSelector(
  [
    asBuilt,
    (...[piece]: PlanArgs) => piece.hoop.kept,
    (...[piece]: PlanArgs) => piece.hoop.reopened,
    selectHoop,
    supplies,
  ],
  (built, kept, reopened, hoop, supplies) =>
    builtAsHeld(built, { piece: { hoop: { kept, reopened } }, hoop, supplies }),
)
