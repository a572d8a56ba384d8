import { all, always, any, not, when } from '../condition'
import { holesStay, knit, textured } from '../conditions/cloth'
import { applique, line, weight } from '../conditions/work'
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
    id: 'check.mount',
    severity: 'note',
    when: always,
    text: () =>
      'Hoop on once the carriage has left its parked place, with room behind it; foot up, bulk eased in from the back.',
  },
  {
    id: 'check.foot',
    severity: 'note',
    when: when('from 1.5 mm thick', (f) => f.thickness >= 1.5),
    text: () => 'Presser foot set to the height of the cloth.',
  },
  {
    id: 'check.layers',
    severity: 'note',
    when: when('two layers', (f) => f.layered),
    text: () => 'Its two layers slide on each other: baste them together round the design, and pull neither.',
  },
  {
    id: 'check.nap',
    severity: 'note',
    when: when('a pile that lies one way', (f) => f.nap),
    text: () => 'Brush the pile one way before the film goes on.',
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
    text: (f) => `${layerNames[topping(f)?.kind ?? 'cloth']} laid on, its rough side down; puckers in it do no harm.`,
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
    when: always,
    text: () => 'New cloth or new design: stitch it once on a scrap with the same layers.',
  },
  {
    id: 'check.tail',
    severity: 'note',
    when: always,
    text: () =>
      'At every colour hold the thread end for 8 to 10 stitches, stop, and trim it, with any jump that would be sewn over.',
  },
  {
    id: 'check.density',
    severity: 'note',
    when: any(weight(30), weight(12)),
    text: (f) =>
      `${f.work.topThread.weight} wt is thick: the design wants about ${f.work.topThread.weight === 30 ? 15 : 40} % fewer stitches.`,
  },
  {
    id: 'check.trace',
    severity: 'caution',
    when: always,
    text: () => 'Outline traced clear of the ring; hands, hair and sleeves away from needle and carriage.',
  },
]
