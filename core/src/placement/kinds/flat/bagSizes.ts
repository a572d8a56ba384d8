import { message } from '../../../messages/message'
import type { Measures, SizePreset } from '../../measures'
import type { Anchor } from '../../placementRule'

export const bagSizes: readonly SizePreset[] = [
  { id: 'small', name: message('item.small') },
  { id: 'usual', name: message('item.usual') },
  { id: 'large', name: message('item.large') },
]

/** The optical centre of a panel sits about 5 % above its middle (craft.md section 2). */
const OPTICAL = 0.45
export const optical =
  <Known extends string>(height: (m: Measures<Known>) => number) =>
  ({ measures }: { measures: Measures<Known> }): Anchor => ({
    id: 'down',
    line: 'top',
    edge: 'centre',
    mm: height(measures) * OPTICAL,
    toward: 1,
    plausible: [30, height(measures)],
  })
