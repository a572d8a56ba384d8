import { all, always, not } from '../condition'
import { holesStay, knit, textured } from '../conditions/cloth'
import { applique, dense, line } from '../conditions/work'
import { layerNames } from '../names'
import { byMagnets, has, held, type StackRule, type Stacked } from './stackRule'

const topping = ({ stack }: Stacked) => stack.layers.find((layer) => layer.role === 'topping')

/** The list to go through before the start, made for this piece (craft.md sections 3 and 8). */
export const beforeStartRules: readonly StackRule[] = [
  {
    id: 'check.ring',
    severity: 'note',
    when: not(byMagnets),
    text: () => 'Inner ring the right way round, its arrow to the top; the hoop latched.',
  },
  {
    id: 'check.clamp',
    severity: 'note',
    when: byMagnets,
    text: () => 'Magnets seated all round, no fold or seam between them; the frame latched.',
  },
  {
    id: 'check.stretch',
    severity: 'note',
    when: all<Stacked>(knit, not(held('floated'))),
    text: () =>
      'Marks as far apart as on the table: what was 200 mm (8") there and is 204 mm (8 1/8") in the ring was pulled, and puckers.',
  },
  {
    id: 'check.grip',
    severity: 'note',
    when: all<Stacked>(held('floated'), not(holesStay)),
    text: () => 'Edges grip all round; a basted frame outside the design.',
  },
  {
    id: 'check.grip-no-holes',
    severity: 'note',
    when: all<Stacked>(held('floated'), holesStay),
    text: () => 'Edges grip all round and are taped down: no pin and no basting, since holes stay.',
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
    when: has('topping', 'a topping'),
    text: (f) => `${layerNames[topping(f)?.kind ?? 'cloth']} laid on, its edges flat.`,
  },
  {
    id: 'check.applique',
    severity: 'caution',
    when: applique,
    text: () => 'Applied cloth cut and pressed, small scissors at hand; the machine halts to lay it and to trim it.',
  },
  {
    id: 'check.line-on-pile',
    severity: 'note',
    when: all(line, textured),
    text: () => 'A line sinks into pile: try it on a scrap, and take it double or as narrow satin if it is lost.',
  },
  {
    id: 'check.scrap',
    severity: 'note',
    when: all(dense, knit),
    text: () => 'Dense on a knit: stitch it once on a scrap with the same stack.',
  },
  {
    id: 'check.trace',
    severity: 'caution',
    when: always,
    text: () => 'Outline traced clear of the ring; hands, hair and sleeves away from needle and carriage.',
  },
]
