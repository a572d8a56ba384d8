import { message } from '../../messages'
import { all, always, any, not, when } from '../condition'
import { holesStay, knit, textured } from '../conditions/cloth'
import { applique, line, weight } from '../conditions/work'
import { byMagnets, has, held, type StackRule, type Stacked } from './stackRule'

const topping = ({ stack }: Stacked) => stack.layers.find((layer) => layer.role === 'topping')

/** The list to go through before the start, made for this piece (craft.md sections 3 and 8). */
export const beforeStartRules: readonly StackRule[] = [
  {
    id: 'check.ring',
    severity: 'note',
    when: not(byMagnets),
  },
  {
    id: 'check.clamp',
    severity: 'note',
    when: byMagnets,
  },
  {
    id: 'check.mount',
    severity: 'note',
    when: always,
  },
  {
    id: 'check.foot',
    severity: 'note',
    when: when('from 1.5 mm thick', (f) => f.thickness >= 1.5),
  },
  {
    id: 'check.layers',
    severity: 'note',
    when: when('two layers', (f) => f.layered),
  },
  {
    id: 'check.nap',
    severity: 'note',
    when: when('a pile that lies one way', (f) => f.nap),
  },
  {
    id: 'check.stretch',
    severity: 'note',
    when: all<Stacked>(knit, not(held('floated'))),
  },
  {
    id: 'check.grip',
    severity: 'note',
    when: all<Stacked>(held('floated'), not(holesStay)),
  },
  {
    id: 'check.grip-no-holes',
    severity: 'note',
    when: all<Stacked>(held('floated'), holesStay),
  },
  {
    id: 'check.under',
    severity: 'caution',
    when: always,
  },
  {
    id: 'check.pins',
    severity: 'caution',
    when: always,
  },
  {
    id: 'check.bobbin',
    severity: 'note',
    when: always,
  },
  {
    id: 'check.topping',
    severity: 'note',
    when: has('topping', 'a topping'),
    says: (f) => message('do.check.topping', { topping: `layer.${topping(f)?.kind ?? 'cloth'}` }),
  },
  {
    id: 'check.applique',
    severity: 'caution',
    when: applique,
  },
  {
    id: 'check.line-on-pile',
    severity: 'note',
    when: all(line, textured),
  },
  {
    id: 'check.scrap',
    severity: 'note',
    when: always,
  },
  {
    id: 'check.tail',
    severity: 'note',
    when: always,
  },
  {
    id: 'check.density',
    severity: 'note',
    when: any(weight(30), weight(12)),
    says: ({ work: { topThread } }) =>
      message('do.check.density', { weight: topThread.weight, percent: topThread.weight === 30 ? 15 : 40 }),
  },
  {
    id: 'check.trace',
    severity: 'caution',
    when: always,
  },
]
