export { blankShop } from './blankShop'
export { type Collection, collection, type Document } from './collection'
export { type CollectionName, collectionNames } from './collectionNames'
export { collections, type Docs, type Registry } from './collections'
export { fillIn } from './defaults'
export { type BlockRole, DesignCard } from './design/designCard'
export { DesignFile } from './design/designFile'
export { PackedDesign } from './design/packedDesign'
export { Hoop } from './hoop'
export { CustomItem, SavedItem } from './item'
export { TypedLength } from './length'
export { Machine } from './machine'
export { type Added, type DriftFrame, type DriftOwner, driftOwners, OwnCorrection } from './ownCorrection'
export { type Account, accounts, Movement, type MovementKind, Take } from './movement'
export type { Rates } from './money'
export {
  type NameSetting,
  Order,
  type OrderLine,
  type OrderName,
  type LinePlace,
  type Quote,
  type QuotedLine,
} from './order'
export type { Patch } from './patch'
export { type MeasureDecision, type MotifSpot, PieceZone } from './piece/measureStage'
export type { HoopTry, HoopDecision } from './piece/hoopStage'
export {
  type BuildDecision,
  type RecordDecision,
  type StitchDecision,
  type Landing,
  type MinutePart,
  minuteParts,
} from './piece/otherStages'
export { Piece } from './piece/piece'
export { Basis, ChosenStack, DecidedStack, StackLayer } from './piece/stack'
export { type StageId, stageIds } from './piece/stageIds'
export type { Difference } from './piece/stages'
export { goingEvents, RunEvent, type RunEventKind, stoppingEvents } from './runEvent'
export { Shop } from './shop'
export { Named, Message } from './message'
export { Adhesive, Bobbin, Needle, Supply, Thread } from './stash'
export { Id, StoredDocument, Name } from './stored'
export { Swatch } from './swatch'
export { unknownKeys } from './unknownKeys'
