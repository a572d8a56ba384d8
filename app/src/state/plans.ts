import { createSelector } from '@reduxjs/toolkit'
import type { Piece } from '@thimble/contract'
import { builtOf, markedOf, type MeasurePlan, planBuild, planHoop, planMeasure, type Shelf } from '@thimble/plan'

/*
 * Plans of a piece, each remembered by no more than what it rests on: a key typed in the record works nothing out
 * again at Measure, and what was decided is never worked out at all.
 */
type Ask = [piece: Piece, shelf: Shelf]
const [item, measure, build, hoop] = [
  (...[piece]: Ask) => piece.item,
  (...[piece]: Ask) => piece.measure,
  (...[piece]: Ask) => piece.build,
  (...[piece]: Ask) => piece.hoop,
]
const [shop, designs, hoops, supplies] = [
  (...[, shelf]: Ask) => shelf.shop,
  (...[, shelf]: Ask) => shelf.designs,
  (...[, shelf]: Ask) => shelf.hoops,
  (...[, shelf]: Ask) => shelf.supplies,
]
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

export const selectBuild = createSelector(
  [item, build, hoop, markedDesign, shop, hoops, supplies, designs],
  (item, build, hoop, design, shop, hoops, supplies, designs) =>
    planBuild({ item, build, hoop }, design, { shop, hoops, supplies, designs }),
)

export const selectBuilt = createSelector([build, selectBuild], builtOf)
const builtStack = (...ask: Ask) => selectBuilt(...ask).stack

export const selectHoop = createSelector(
  [item, build, hoop, selectMarked, builtStack, shop, hoops],
  (item, build, hoop, marked, stack, shop, hoops) =>
    planHoop({ piece: { item, build, hoop }, marked, stack, shop, hoops }),
)
