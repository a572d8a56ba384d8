import { message } from '../../../messages/message'
import type { ItemKind } from '../../itemKind'
import type { MeasurementAsk } from '../../measures'
import { abovePocket, chestRules, chestRulesByPocket } from './chestRules'
import { backRules, centreFront, hoodedFront, scatteredFront } from './bodyRules'
import {
  collarMeasures,
  collarPoint,
  cuff,
  cuffMeasures,
  ribbedSleeve,
  ribMeasure,
  sleeve,
  sleeveMeasures,
} from './sleeveRules'
import { type Top, topLevels } from './topFrame'
import {
  garmentSizes,
  giletCut,
  jacketCut,
  pocketSizes,
  poloCut,
  robeCut,
  shirtCut,
  straightMeasures,
  sweatshirtCut,
  teeCut,
  topMeasures,
} from './topMeasures'
import { topShape, type TopMake } from './topShape'
import { withPatchPocket, withPouch } from './pockets'

const top = { group: 'tops', worn: true, sizes: garmentSizes, usualSize: 'm', levels: topLevels } as const
const neckSeam = message('item.centre-line-at-the-front')
const shortSleeve = sleeveMeasures([75, 120, 160, 175, 185, 195, 205, 215], [50, 85, 110, 120, 125, 130, 135, 140])
const ribbedLong = [
  ...sleeveMeasures([62, 75, 88, 95, 100, 104, 108, 112], [170, 320, 430, 460, 470, 480, 485, 490]),
  ribMeasure,
]

const teeMake: TopMake = { neck: 'crew', sleeve: 'short', foot: 20 }
export const tee: ItemKind = {
  ...top,
  id: 'tee',
  name: message('item.knit-tee'),
  reference: neckSeam,
  measurements: [...topMeasures(teeCut), ...shortSleeve, ...straightMeasures],
  usualCloth: 'jersey',
  use: { nextToSkin: true },
  shape: (m: Top) => topShape(m, teeMake),
  placements: [...chestRules(teeCut), centreFront, ...backRules(teeMake), sleeve, scatteredFront],
}

const poloMake: TopMake = {
  neck: 'collar',
  sleeve: 'short',
  foot: 18,
  opening: { half: 16, to: 140, clear: 10, ring: 'caution', name: 'zone.placket', buttons: true },
}
export const polo: ItemKind = {
  ...top,
  id: 'polo',
  name: message('item.polo'),
  reference: neckSeam,
  measurements: [
    ...topMeasures(poloCut, message('item.full-width-across-collar-closed')),
    ...shortSleeve,
    ...straightMeasures,
  ],
  usualCloth: 'pique',
  use: { nextToSkin: true },
  shape: (m: Top) => topShape(m, poloMake),
  placements: [...chestRules(poloCut), ...backRules(poloMake), sleeve],
}

const sweatMake: TopMake = { neck: 'crew', sleeve: 'long', foot: 65 }
export const sweatshirt: ItemKind = {
  ...top,
  id: 'sweatshirt',
  name: message('item.sweatshirt'),
  reference: neckSeam,
  measurements: [...topMeasures(sweatshirtCut), ...ribbedLong, ...straightMeasures],
  usualCloth: 'sweatshirt',
  shape: (m: Top) => topShape(m, sweatMake),
  placements: [...chestRules(sweatshirtCut), centreFront, ...backRules(sweatMake), ribbedSleeve, scatteredFront],
}

const pouchMeasures: MeasurementAsk[] = [
  pocketSizes(
    'pocketTop',
    message('item.hood-crossing-down-to-the'),
    message('item.along-the-middle-from-the'),
    [170, 240, 300, 325, 345, 360, 375, 390],
  ),
  pocketSizes(
    'pocketWidth',
    message('item.pockets-upper-edge'),
    message('item.along-the-top-of-the'),
    [90, 140, 180, 195, 205, 215, 225, 235],
  ),
]
const hoodMake: TopMake = { neck: 'hood', sleeve: 'long', foot: 65 }
export const hoodedTop: ItemKind = {
  ...top,
  id: 'hooded-top',
  name: message('item.hooded-top'),
  reference: message('item.centre-line-at-the-hoods'),
  measurements: [...topMeasures(sweatshirtCut), ...pouchMeasures, ...ribbedLong, ...straightMeasures],
  usualCloth: 'sweatshirt',
  shape: (m: Top) => withPouch(topShape(m, hoodMake), m),
  placements: [hoodedFront, ...chestRules(sweatshirtCut), ...backRules(hoodMake), ribbedSleeve, scatteredFront],
}

const patchMeasures: MeasurementAsk[] = [
  pocketSizes(
    'pocketTop',
    message('item.neck-seam-level-down-to'),
    message('item.from-the-level-of-the'),
    [66, 94, 118, 130, 138, 146, 154, 162],
  ),
  pocketSizes(
    'pocketAcross',
    message('item.centre-line-to-the-pockets'),
    message('item.from-the-middle-of-the'),
    [58, 82, 100, 108, 114, 120, 127, 134],
  ),
  pocketSizes(
    'pocketWidth',
    message('item.pockets-upper-edge'),
    message('item.along-the-top-of-the-2'),
    [62, 86, 104, 112, 116, 120, 124, 128],
  ),
]
const shirtMake: TopMake = {
  neck: 'collar',
  sleeve: 'long',
  foot: 10,
  opening: { half: 16, to: 'hem', clear: 10, ring: 'caution', name: 'zone.button-band', buttons: true },
}
export const shirt: ItemKind = {
  ...top,
  id: 'shirt',
  name: message('item.blouse-or-shirt'),
  reference: neckSeam,
  measurements: [
    ...topMeasures(shirtCut, message('item.full-width-across-collar-closed')),
    ...patchMeasures,
    ...cuffMeasures,
    ...collarMeasures,
    ...straightMeasures,
  ],
  usualCloth: 'quilting-cotton',
  use: { nextToSkin: true },
  shape: (m: Top) => withPatchPocket(topShape(m, shirtMake), m),
  placements: [...chestRulesByPocket(shirtCut), abovePocket, cuff, collarPoint, ...backRules(shirtMake)],
}

const jacketMake: TopMake = {
  neck: 'collar',
  sleeve: 'long',
  foot: 55,
  seamClear: 15,
  felled: true,
  opening: { half: 10, to: 'hem', clear: 15, ring: 'refused', name: 'zone.zip-flap' },
}
export const workJacket: ItemKind = {
  ...top,
  id: 'work-jacket',
  name: message('item.work-jacket'),
  reference: neckSeam,
  measurements: [
    ...topMeasures(jacketCut, message('item.full-width-across-zipped-up')),
    ...patchMeasures,
    ...straightMeasures,
  ],
  usualCloth: 'canvas',
  shape: (m: Top) => withPatchPocket(topShape(m, jacketMake), m),
  placements: [...chestRulesByPocket(jacketCut), abovePocket, ...backRules(jacketMake)],
}

const robeMake: TopMake = {
  neck: 'collar',
  sleeve: 'long',
  foot: 25,
  opening: { half: 12, to: 'hem', clear: 15, ring: 'opening', name: 'zone.front-edge' },
}
export const robe: ItemKind = {
  ...top,
  id: 'robe',
  name: message('item.robe-or-dressing-gown'),
  reference: neckSeam,
  measurements: [...topMeasures(robeCut, message('item.full-width-across-fronts-closed')), ...straightMeasures],
  usualCloth: 'terry',
  use: { nextToSkin: true },
  shape: (m: Top) => topShape(m, robeMake),
  placements: [...chestRules(robeCut), ...backRules(robeMake)],
}

const giletMake: TopMake = {
  neck: 'collar',
  sleeve: 'none',
  foot: 25,
  seamClear: 15,
  opening: { half: 10, to: 'hem', clear: 15, ring: 'refused', name: 'zone.zip-flap' },
}
export const gilet: ItemKind = {
  ...top,
  id: 'gilet',
  name: message('item.gilet-or-body-warmer'),
  reference: neckSeam,
  measurements: [...topMeasures(giletCut, message('item.full-width-across-zipped-up')), ...straightMeasures],
  usualCloth: 'quilted',
  shape: (m: Top) => topShape(m, giletMake),
  placements: [...chestRules(giletCut), ...backRules(giletMake)],
}
