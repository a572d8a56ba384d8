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
    text: () => 'Inner ring right way round, hoop latched',
  },
  {
    id: 'check.clamp',
    severity: 'note',
    when: byMagnets,
    text: () => 'Magnets seated all round, no fold between',
  },
  {
    id: 'check.mount',
    severity: 'note',
    when: always,
    text: () => 'Carriage unparked, foot up, hoop on',
  },
  {
    id: 'check.foot',
    severity: 'note',
    when: when('from 1.5 mm thick', (f) => f.thickness >= 1.5),
    text: () => 'Presser foot set for the thickness',
  },
  {
    id: 'check.layers',
    severity: 'note',
    when: when('two layers', (f) => f.layered),
    text: () => 'Both layers basted together round the design',
  },
  {
    id: 'check.nap',
    severity: 'note',
    when: when('a pile that lies one way', (f) => f.nap),
    text: () => 'Pile brushed one way before the film goes on',
  },
  {
    id: 'check.stretch',
    severity: 'note',
    when: all<Stacked>(knit, not(held('floated'))),
    text: () => 'Not stretched: 200 mm (8") hasn’t become 204 mm (8 1/8")',
  },
  {
    id: 'check.grip',
    severity: 'note',
    when: all<Stacked>(held('floated'), not(holesStay)),
    text: () => 'Edges grip all round, basted outside the design',
  },
  {
    id: 'check.grip-no-holes',
    severity: 'note',
    when: all<Stacked>(held('floated'), holesStay),
    text: () => 'Edges grip all round, taped: no pins, no basting',
  },
  {
    id: 'check.under',
    severity: 'caution',
    when: always,
    text: () => 'Nothing under the hoop but one layer',
  },
  {
    id: 'check.pins',
    severity: 'caution',
    when: always,
    text: () => 'Pins counted out, marker and stickers off',
  },
  {
    id: 'check.bobbin',
    severity: 'note',
    when: always,
    text: () => 'Enough on the bobbin, needle fresh and fully up',
  },
  {
    id: 'check.topping',
    severity: 'note',
    when: has('topping', 'a topping'),
    text: (f) => `${layerNames[topping(f)?.kind ?? 'cloth']} on, rough side down`,
  },
  {
    id: 'check.applique',
    severity: 'caution',
    when: applique,
    text: () => 'Patch cloth cut and pressed, small scissors at hand',
  },
  {
    id: 'check.line-on-pile',
    severity: 'note',
    when: all(line, textured),
    text: () => 'Line tried on a scrap: pile may swallow it',
  },
  {
    id: 'check.scrap',
    severity: 'note',
    when: always,
    text: () => 'New cloth or design: tried on a scrap',
  },
  {
    id: 'check.tail',
    severity: 'note',
    when: always,
    text: () => 'Each colour: thread end held 8 to 10 stitches, trimmed',
  },
  {
    id: 'check.density',
    severity: 'note',
    when: any(weight(30), weight(12)),
    text: (f) =>
      `${f.work.topThread.weight} wt is thick: about ${f.work.topThread.weight === 30 ? 15 : 40} % fewer stitches needed`,
  },
  {
    id: 'check.trace',
    severity: 'caution',
    when: always,
    text: () => 'Traced clear of the hoop; hands, hair, sleeves away',
  },
]
