import { createSelector } from '@reduxjs/toolkit'
import type { Piece } from '@thimble/contract'
import {
  bestUnder,
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
type Ask = [piece: Piece, shelf: Shelf]
const [item, measure, build] = [
  (...[piece]: Ask) => piece.item,
  (...[piece]: Ask) => piece.measure,
  (...[piece]: Ask) => piece.build,
]
const [shop, designs, machines, hoops, supplies] = [
  (...[, shelf]: Ask) => shelf.shop,
  (...[, shelf]: Ask) => shelf.designs,
  (...[, shelf]: Ask) => shelf.machines,
  (...[, shelf]: Ask) => shelf.hoops,
  (...[, shelf]: Ask) => shelf.supplies,
]
const corrections = (...[, shelf]: Ask) => shelf.corrections
const record = (...[, shelf]: Ask) => shelf.record
const hoopId = (...[piece]: Ask) => piece.hoop.hoopId

export const selectMeasure = createSelector(
  [item, measure, hoopId, shop, designs, hoops],
  (item, measure, hoopId, shop, designs, hoops): MeasurePlan =>
    planMeasure({ item, measure, hoop: { hoopId } }, { shop, designs, hoops }),
)

const keptMarks = (...[piece]: Ask) => piece.measure.kept
const livePlan = (...ask: Ask) => (ask[0].measure.kept.length > 0 ? null : selectMeasure(...ask))

export const selectMarked = createSelector([keptMarks, livePlan, designs], (kept, plan, designs) =>
  markedOf(kept, plan, designs),
)
const markedDesign = (...ask: Ask) => selectMarked(...ask).design

const held = createSelector(
  [hoopId, (...[piece]: Ask) => piece.hoop.holding, (...[piece]: Ask) => piece.hoop.kept],
  (hoopId, holding, kept) => ({ hoopId, holding, kept }),
)

/** What of the stage a hoop is chosen by: where the marks landed afterwards changes nothing of that. */
const ringed = createSelector(
  [
    hoopId,
    (...[piece]: Ask) => piece.hoop.holding,
    (...[piece]: Ask) => piece.hoop.machineId,
    (...[piece]: Ask) => piece.hoop.turn,
    (...[piece]: Ask) => piece.hoop.lineUp,
  ],
  (hoopId, holding, machineId, turn, lineUp) => ({ hoopId, holding, machineId, turn, lineUp }),
)
const madeOf = createSelector(
  [
    (...[piece]: Ask) => piece.build.cloth,
    (...[piece]: Ask) => piece.build.use,
    (...[piece]: Ask) => piece.build.thread,
  ],
  (cloth, use, thread) => ({ cloth, use, thread }),
)
/** The hoops as they would be taken for no stack yet: the cloth decides. */
const selectFree = createSelector(
  [item, measure, madeOf, ringed, selectMarked, shop, hoops, machines],
  (item, measure, build, hoop, marked, shop, hoops, machines) =>
    planHoop({ piece: { item, measure, build, hoop }, marked, stack: null, shop, hoops, machines }),
)
const best = (...ask: Ask) => bestUnder(ask[0], () => selectFree(...ask))

export const selectBuild = createSelector(
  [item, build, held, markedDesign, shop, hoops, supplies, best, record],
  (item, build, hoop, design, shop, hoops, supplies, best, record) =>
    planBuild({ item, build, hoop }, design, { shop, hoops, supplies, ...(record ? { record } : {}) }, best),
)

export const selectBuilt = createSelector([build, selectBuild], builtOf)
const builtStack = (...ask: Ask) => selectBuilt(...ask).stack

export const selectHoop = createSelector(
  [item, measure, build, ringed, selectMarked, builtStack, shop, hoops, machines, corrections],
  (item, measure, build, hoop, marked, stack, shop, hoops, machines, corrections) =>
    planHoop({ piece: { item, measure, build, hoop }, marked, stack, shop, hoops, machines, corrections }),
)
