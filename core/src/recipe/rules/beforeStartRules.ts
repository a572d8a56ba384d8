import { layerNames } from '../names'
import { always, type StackRule, type Stacked } from './stackRule'

const topping = ({ stack }: Stacked) => stack.layers.find((layer) => layer.role === 'topping')

/** The list to go through before the start, made for this piece (craft.md sections 3 and 8). */
export const beforeStartRules: readonly StackRule[] = [
  {
    id: 'check.ring',
    severity: 'note',
    when: (f) => f.stack.holding !== 'clamped',
    text: () => 'Inner ring the right way round, its arrow to the top; the hoop latched.',
  },
  {
    id: 'check.clamp',
    severity: 'note',
    when: (f) => f.stack.holding === 'clamped',
    text: () => 'Magnets seated all round, no fold or seam between them; the frame latched.',
  },
  {
    id: 'check.stretch',
    severity: 'note',
    when: (f) => f.knit && f.stack.holding !== 'floated',
    text: () =>
      'Marks as far apart as on the table: what was 200 mm (8") there and is 204 mm (8 1/8") in the ring was pulled, and puckers.',
  },
  {
    id: 'check.grip',
    severity: 'note',
    when: (f) => f.stack.holding === 'floated',
    text: () => 'Edges grip all round; a basted frame outside the design.',
  },
  {
    id: 'check.under',
    severity: 'caution',
    when: always,
    text: () => 'Only the one layer under the ring: feel all round for a sleeve or a back.',
  },
  {
    id: 'check.pins',
    severity: 'caution',
    when: always,
    text: () => 'Pins counted out, marker and stickers off; no pin stays inside the field.',
  },
  {
    id: 'check.bobbin',
    severity: 'note',
    when: always,
    text: () => 'Bobbin enough for the design, the needle new enough and fully up.',
  },
  {
    id: 'check.topping',
    severity: 'note',
    when: (f) => topping(f) !== undefined,
    text: (f) => `${layerNames[topping(f)?.kind ?? 'cloth']} laid on, its edges flat.`,
  },
  {
    id: 'check.scrap',
    severity: 'note',
    when: (f) => f.dense && f.knit,
    text: () => 'Dense on a knit: stitch it once on a scrap with the same stack.',
  },
  {
    id: 'check.trace',
    severity: 'caution',
    when: always,
    text: () => 'Outline traced clear of the ring; hands, hair and sleeves away from needle and carriage.',
  },
]
