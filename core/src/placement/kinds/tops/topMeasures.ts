import { type Called, message } from '../../../messages/message'
import { ask, bySizes, halves, type MeasurementAsk, type SizePreset } from '../../measures'

/** From an infant of 12 months to 3XL, each with the flat chest of a tee (craft.md section 2, proportions). */
export const garmentSizes: readonly SizePreset[] = [
  { id: 'infant', name: message('item.infant'), at: 255 },
  { id: 'toddler', name: message('item.18-24-months'), at: 278, between: true },
  { id: '2-4', name: { own: '2–4' }, at: 300, between: true },
  { id: '5-6', name: { own: '5–6' }, at: 340, between: true },
  { id: 'child', name: { own: '8' }, at: 380 },
  { id: '10-12', name: { own: '10–12' }, at: 420, between: true },
  { id: '14', name: { own: '14' }, at: 450, between: true },
  { id: 's', name: { own: 'S' }, at: 490 },
  { id: 'm', name: { own: 'M' }, at: 530 },
  { id: 'l', name: { own: 'L' }, at: 570 },
  { id: 'xl', name: { own: 'XL' }, at: 610 },
  { id: '2xl', name: { own: '2XL' }, at: 660 },
  { id: '3xl', name: { own: '3XL' }, at: 710 },
]

/**
 * Usual numbers by size, infant to 3XL: how much wider than a tee it is cut, the armhole's depth (craft.md section 2,
 * proportions; a little deeper where it is worn over others), and a neck set lower or higher.
 */
export type Cut = { ease: number; depth: readonly number[]; neck: readonly number[]; drop: readonly number[] }

const chestOf = ({ ease }: Cut): number[] => garmentSizes.map(({ at = 0 }) => Math.round(at * ease))

const NECK_DROP = message('item.from-shoulder-point-level-to')

/** What every chest placement asks: four numbers, and what shows whether the body hangs straight. */
export function topMeasures(cut: Cut, neckHow = message('item.full-width-across-lying-flat')): MeasurementAsk[] {
  const { depth, neck, drop } = cut
  const of = (id: string, name: Called, howTo: Called, numbers: readonly number[], plausible: [number, number]) =>
    ask(garmentSizes, id, name, howTo, numbers, { plausible })
  return [
    of(
      'chestWidth',
      message('item.seam-to-seam-at-the'),
      message('item.laid-flat-face-up-one'),
      chestOf(cut),
      [190, 850],
    ),
    of(
      'shoulderToUnderarm',
      message('item.shoulder-point-to-underarm'),
      message('item.from-where-neck-and-shoulder'),
      depth,
      [75, 340],
    ),
    of('neckWidth', message('item.neck-shoulder-point-to-shoulder'), neckHow, neck, [70, 280]),
    of('neckDrop', message('item.shoulder-point-down-to-the'), NECK_DROP, drop, [15, 190]),
  ]
}

const optional = (id: string, name: Called, howTo: Called, plausible: [number, number]): MeasurementAsk => ({
  id,
  name,
  howTo,
  plausible,
  presets: {},
  optional: true,
})

/** Whether the body hangs straight under the neck: halves at underarm and hem. */
export const straightMeasures: readonly MeasurementAsk[] = [
  ...halves('underarm', message('item.underarm'), true),
  optional(
    'bodyLength',
    message('item.shoulder-point-to-hem'),
    message('item.straight-down-the-front-from'),
    [220, 1100],
  ),
  optional('hemWidth', message('item.seam-to-seam-at-the-2'), message('item.laid-flat-one-side-seam'), [190, 900]),
  ...halves('hem', message('item.hem'), true),
]

export const pocketSizes = (id: string, name: Called, howTo: Called, numbers: readonly number[]): MeasurementAsk => ({
  id,
  name,
  howTo,
  presets: bySizes(garmentSizes, numbers),
  plausible: [Math.floor(Math.min(...numbers) * 0.5), Math.ceil(Math.max(...numbers) * 1.6)],
})

const depth = [125, 142, 160, 172, 185, 200, 217, 240, 258, 270, 281, 291, 300]
const deeper = [127, 144, 162, 174, 187, 203, 220, 244, 262, 273, 284, 291, 299]

export const teeCut: Cut = {
  ease: 1,
  depth,
  neck: [108, 145, 168, 178, 184, 190, 196, 202],
  drop: [44, 62, 78, 84, 88, 92, 96, 100],
}
export const poloCut: Cut = {
  ease: 540 / 530,
  depth,
  neck: [108, 145, 172, 180, 184, 190, 196, 202],
  drop: [42, 60, 72, 76, 80, 84, 88, 92],
}
export const sweatshirtCut: Cut = {
  ease: 560 / 530,
  depth: deeper,
  neck: [112, 150, 174, 184, 190, 196, 202, 208],
  drop: [44, 60, 74, 80, 84, 88, 92, 96],
}
export const shirtCut: Cut = {
  ease: 550 / 530,
  depth,
  neck: [102, 132, 152, 160, 166, 172, 178, 184],
  drop: [40, 58, 70, 76, 80, 84, 88, 92],
}
export const robeCut: Cut = {
  ease: 620 / 530,
  depth: deeper,
  neck: [108, 145, 170, 180, 186, 192, 198, 204],
  drop: [44, 62, 80, 86, 90, 94, 98, 102],
}
export const giletCut: Cut = {
  ease: 575 / 530,
  depth: deeper,
  neck: [110, 148, 174, 184, 190, 196, 202, 208],
  drop: [40, 56, 68, 74, 78, 82, 86, 90],
}
export const jacketCut: Cut = {
  ease: 600 / 530,
  depth: deeper,
  neck: [112, 150, 178, 188, 194, 200, 206, 212],
  drop: [42, 58, 70, 76, 80, 84, 88, 92],
}
