import type { Measures, SizePreset } from '../../measures'

export const bagSizes: readonly SizePreset[] = [
  { id: 'small', name: 'Small' },
  { id: 'usual', name: 'Usual' },
  { id: 'large', name: 'Large' },
]

/** The optical centre of a panel sits about 5 % above its middle (craft.md section 2). */
const OPTICAL = 0.45
export const optical =
  (height: string) =>
  ({ measures }: { measures: Measures }) =>
    ({
      id: 'down',
      line: 'top',
      edge: 'centre',
      mm: measures[height]! * OPTICAL,
      toward: 1,
      plausible: [30, measures[height]!],
    }) as const
