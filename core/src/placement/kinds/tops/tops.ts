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
const neckSeam = 'centre line at the front neck seam'
const shortSleeve = sleeveMeasures([75, 120, 160, 175, 185, 195, 205, 215], [50, 85, 110, 120, 125, 130, 135, 140])
const ribbedLong = [
  ...sleeveMeasures([62, 75, 88, 95, 100, 104, 108, 112], [170, 320, 430, 460, 470, 480, 485, 490]),
  ribMeasure,
]

const teeMake: TopMake = { neck: 'crew', sleeve: 'short', foot: 20 }
export const tee: ItemKind = {
  ...top,
  id: 'tee',
  name: 'Knit tee',
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
  name: 'Polo',
  reference: neckSeam,
  measurements: [
    ...topMeasures(poloCut, 'Full width across, collar closed and flat.'),
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
  name: 'Sweatshirt',
  reference: neckSeam,
  measurements: [...topMeasures(sweatshirtCut), ...ribbedLong, ...straightMeasures],
  usualCloth: 'sweatshirt',
  shape: (m: Top) => topShape(m, sweatMake),
  placements: [...chestRules(sweatshirtCut), centreFront, ...backRules(sweatMake), ribbedSleeve, scatteredFront],
}

const pouchMeasures: MeasurementAsk[] = [
  pocketSizes(
    'pocketTop',
    'Hood crossing down to the pocket',
    'Along the middle, from the neck seam to the pocket’s upper edge.',
    [170, 240, 300, 325, 345, 360, 375, 390],
  ),
  pocketSizes(
    'pocketWidth',
    'Pocket’s upper edge',
    'Along the top of the pouch pocket, end to end.',
    [90, 140, 180, 195, 205, 215, 225, 235],
  ),
]
const hoodMake: TopMake = { neck: 'hood', sleeve: 'long', foot: 65 }
export const hoodedTop: ItemKind = {
  ...top,
  id: 'hooded-top',
  name: 'Hooded top',
  reference: 'centre line at the hood’s crossing',
  measurements: [...topMeasures(sweatshirtCut), ...pouchMeasures, ...ribbedLong, ...straightMeasures],
  usualCloth: 'sweatshirt',
  shape: (m: Top) => withPouch(topShape(m, hoodMake), m),
  placements: [hoodedFront, ...chestRules(sweatshirtCut), ...backRules(hoodMake), ribbedSleeve, scatteredFront],
}

const patchMeasures: MeasurementAsk[] = [
  pocketSizes(
    'pocketTop',
    'Neck seam level down to the pocket',
    'From the level of the front neck seam to the pocket’s upper edge.',
    [66, 94, 118, 130, 138, 146, 154, 162],
  ),
  pocketSizes(
    'pocketAcross',
    'Centre line to the pocket’s middle',
    'From the middle of the front to the middle of the pocket’s upper edge.',
    [58, 82, 100, 108, 114, 120, 127, 134],
  ),
  pocketSizes(
    'pocketWidth',
    'Pocket’s upper edge',
    'Along the top of the patch pocket, side to side.',
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
  name: 'Blouse or shirt',
  reference: neckSeam,
  measurements: [
    ...topMeasures(shirtCut, 'Full width across, collar closed and flat.'),
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
  name: 'Work jacket',
  reference: neckSeam,
  measurements: [
    ...topMeasures(jacketCut, 'Full width across, zipped up and flat.'),
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
  name: 'Robe or dressing gown',
  reference: neckSeam,
  measurements: [...topMeasures(robeCut, 'Full width across, fronts closed and flat.'), ...straightMeasures],
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
  name: 'Gilet or body warmer',
  reference: neckSeam,
  measurements: [...topMeasures(giletCut, 'Full width across, zipped up and flat.'), ...straightMeasures],
  usualCloth: 'quilted',
  shape: (m: Top) => topShape(m, giletMake),
  placements: [...chestRules(giletCut), ...backRules(giletMake)],
}
