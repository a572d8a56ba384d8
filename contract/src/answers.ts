/* What the server answers and takes as a whole: a start of the app needs none of its schemas. */
export { ChangedThing, Changes, RemovedThing, SetAside } from './changes'
export { ImportEffect } from './importEffect'
export { NewPieces, OrderStatus } from './orderAnswers'
export { Problem } from './problem'
export { PhotoInFile, SHOP_FILE_VERSION, SHOP_FORMAT, ShopFile, shopFileOf } from './shopFile'
