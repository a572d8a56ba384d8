import type { Grip } from '../stack'
import type { Stacked, StackRule } from './stackRule'

const gripped =
  (grip: Grip) =>
  ({ stack }: Stacked): boolean =>
    stack.layers.some((layer) => layer.grip === grip)

/** The cautions of craft.md section 11 that a stack on this cloth calls for. */
export const cautionRules: readonly StackRule[] = [
  {
    id: 'safe.spray',
    severity: 'caution',
    when: gripped('sprayed'),
    text: () =>
      'Spray outdoors or in a box with air moving, on the backing only, away from machine, flames and children; read the label.',
  },
  {
    id: 'safe.iron',
    severity: 'caution',
    when: gripped('fused'),
    text: () => 'Hot iron: test a scrap and follow the care label.',
  },
  {
    id: 'safe.magnets',
    severity: 'caution',
    when: (f) => f.stack.holding === 'clamped',
    text: () => 'Magnets pinch fingers; keep them from pacemakers and cards.',
  },
  {
    id: 'safe.infants',
    severity: 'caution',
    when: (f) => Boolean(f.use.infant || f.use.toy),
    text: () =>
      'For infants and toys: no loose trims, buttons or pins left in, soft cover on the back; local product-safety rules decide.',
  },
  {
    id: 'safe.thick',
    severity: 'caution',
    when: (f) => f.heavy,
    text: () => 'Thick work can break a needle: slow down; eye protection is sensible.',
  },
  {
    id: 'load.dense-knit',
    severity: 'caution',
    when: (f) => f.dense && f.knit,
    text: () => 'A dense design makes a knit stiff and may pucker: a lighter design or a firmer cloth is safer.',
  },
  {
    id: 'load.dense-fine',
    severity: 'caution',
    when: (f) => f.dense && f.gsm < 120,
    text: () => 'A dense design can tear or pucker cloth this fine: take a lighter one if you can.',
  },
  {
    id: 'cover.no-heat',
    severity: 'caution',
    when: (f) => f.skin && !f.takesHeat,
    text: () => 'This cloth takes no heat, so no fused cover: sew a soft one on by hand.',
  },
]
