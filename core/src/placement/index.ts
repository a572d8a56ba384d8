export { type Clearance, ringClearances, ringOnItem } from './clearances'
export { type CustomItem, customItem, customKindId, customPlacementIds } from './customItem'
export { findKinds } from './everydayNames'
export { type CentreLine, fitCentreLine, type Level } from './fitCentreLine'
export { type ItemGroup, itemGroups, type ItemKind, type KnownUse } from './itemKind'
export { itemKind, itemKinds, placementRule, presetMeasures } from './itemKinds'
export {
  type DetailLine,
  detailKinds,
  type ItemShape,
  type NoSewZone,
  type ReferenceLine,
  type TapeLine,
  lineAxes,
  zoneRings,
} from './itemShape'
export type { Copy, PlacementDistance, PlannedRow } from './laid'
export type { OwnAnchors } from './placeSingle'
export type { OwnRow } from './placeRow'
export { type Mark, markKinds } from './marks'
export type { MeasurementAsk, Measures } from './measures'
export { asksOf } from './measuresNeeded'
export { type OwnZone, type OwnZoneKind, ownZoneKinds } from './ownZones'
export { type Anchor, type DesignEdge, designEdges, type PlacementChoice, type PlacementRule } from './placementRule'
export { type PlacementPlan, type PlacementRequest, planPlacement, type TapeStep, writeStep } from './planPlacement'
export { sideOf } from './sides'
export { whichTrueTo } from './trueTo'
export { usualDesign } from './usualDesign'
export { type OutlineEdge, walkOutline } from './walkOutline'
