import { ask, bySizes, halves, type MeasurementAsk, type SizePreset } from '../../measures'

export const garmentSizes: readonly SizePreset[] = [
  { id: 'infant', name: 'Infant' },
  { id: 'child', name: 'Child' },
  { id: 's', name: 'S' },
  { id: 'm', name: 'M' },
  { id: 'l', name: 'L' },
  { id: 'xl', name: 'XL' },
  { id: '2xl', name: '2XL' },
  { id: '3xl', name: '3XL' },
]

/**
 * Usual numbers by size, infant to 3XL: the chest with a garment's ease, the armhole's depth (craft.md section 2,
 * proportions; a little deeper where it is worn over others), and a neck set lower or higher.
 */
type Cut = { chest: readonly number[]; depth: readonly number[]; neck: readonly number[]; drop: readonly number[] }

const NECK_DROP = 'From shoulder-point level to the seam at centre front.'

/** What every chest placement asks: four numbers, and what shows whether the body hangs straight. */
export function topMeasures(
  { chest, depth, neck, drop }: Cut,
  neckHow = 'Full width across, lying flat.',
): MeasurementAsk[] {
  const of = (id: string, name: string, howTo: string, numbers: readonly number[], plausible: [number, number]) =>
    ask(garmentSizes, id, name, howTo, numbers, { plausible })
  return [
    of(
      'chestWidth',
      'Seam to seam at the underarm',
      'Laid flat, face up, one side seam to the other.',
      chest,
      [190, 850],
    ),
    of(
      'shoulderToUnderarm',
      'Shoulder point to underarm',
      'From where neck and shoulder seam meet, straight down to underarm level.',
      depth,
      [75, 340],
    ),
    of('neckWidth', 'Neck, shoulder point to shoulder point', neckHow, neck, [70, 280]),
    of('neckDrop', 'Shoulder point down to the neck seam', NECK_DROP, drop, [15, 190]),
  ]
}

const optional = (id: string, name: string, howTo: string, plausible: [number, number]): MeasurementAsk => ({
  id,
  name,
  howTo,
  plausible,
  presets: {},
  optional: true,
})

/** Whether the body hangs straight under the neck: halves at underarm and hem. */
export const straightMeasures: readonly MeasurementAsk[] = [
  ...halves('underarm', 'Underarm', true),
  optional(
    'bodyLength',
    'Shoulder point to hem',
    'Straight down the front, from the shoulder point to the hem’s edge.',
    [220, 1100],
  ),
  optional('hemWidth', 'Seam to seam at the hem', 'Laid flat, one side seam to the other.', [190, 900]),
  ...halves('hem', 'Hem', true),
]

export const pocketSizes = (id: string, name: string, howTo: string, numbers: readonly number[]): MeasurementAsk => ({
  id,
  name,
  howTo,
  presets: bySizes(garmentSizes, numbers),
  plausible: [Math.floor(Math.min(...numbers) * 0.5), Math.ceil(Math.max(...numbers) * 1.6)],
})

export const teeCut: Cut = {
  chest: [255, 380, 480, 530, 570, 610, 660, 710],
  depth: [125, 185, 240, 258, 270, 280, 290, 300],
  neck: [108, 145, 168, 178, 184, 190, 196, 202],
  drop: [44, 62, 78, 84, 88, 92, 96, 100],
}
export const poloCut: Cut = {
  chest: [262, 400, 490, 540, 580, 620, 670, 720],
  depth: [125, 185, 240, 258, 270, 280, 290, 300],
  neck: [108, 145, 172, 180, 184, 190, 196, 202],
  drop: [42, 60, 72, 76, 80, 84, 88, 92],
}
export const sweatshirtCut: Cut = {
  chest: [275, 410, 510, 560, 600, 640, 690, 740],
  depth: [130, 192, 248, 266, 278, 288, 298, 308],
  neck: [112, 150, 174, 184, 190, 196, 202, 208],
  drop: [44, 60, 74, 80, 84, 88, 92, 96],
}
export const shirtCut: Cut = {
  chest: [262, 400, 500, 550, 590, 630, 680, 730],
  depth: [126, 186, 242, 260, 272, 282, 292, 302],
  neck: [102, 132, 152, 160, 166, 172, 178, 184],
  drop: [40, 58, 70, 76, 80, 84, 88, 92],
}
export const jacketCut: Cut = {
  chest: [290, 440, 550, 600, 640, 680, 730, 780],
  depth: [134, 196, 254, 270, 282, 292, 302, 312],
  neck: [112, 150, 178, 188, 194, 200, 206, 212],
  drop: [42, 58, 70, 76, 80, 84, 88, 92],
}
