import './sentences'

export { TypedLength } from './length'
export { Hoop, Supply, Thread, HoopFieldSchema, supplyKinds } from './stash'
export { Design, DesignChange, DesignFile, DesignSummary, Drawing } from './design'
export { CustomItem, SavedItem } from './item'
export { Shop, Habits } from './shop'
export {
  Piece,
  PieceZone,
  Record as PieceRecordSchema,
  Stack,
  UsedLayer,
  clothFamilyIds,
  holdingIds,
  faultIds,
  stageIds,
  stageDoneAt,
} from './piece'
export type { PieceRecord, StageId } from './piece'
export { blankPiece } from './blankPiece'
export { LogRow } from './logRow'
export { Problem } from './problem'
export { ShopFile } from './shopFile'
export { LocalDate } from './stored'
