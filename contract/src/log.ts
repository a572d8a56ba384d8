/* What the log and the backups say: a start of the app needs none of their schemas. */
export { BACKUP_FORMAT, BACKUP_VERSION, BackupManifest, Backups } from './backup'
export { type LogFacet, logFacets, LogFound, LogRow, type LogSort, logSorts } from './logRow'
export { LogInsights, type RateKind, rateKinds } from './logInsights'
export { PIECE_FORMAT, PieceFile } from './pieceFile'
export { ShopRecord } from './shopRecord'
