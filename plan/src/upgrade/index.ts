export { upgradeDesign, upgradePacked } from './upgradeDesign'
export { upgradePiece } from './upgradePiece'
export { isOldShopFile, upgradeShopFile } from './upgradeShopFile'
