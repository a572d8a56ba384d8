import type { TrueTo } from './centreOf'
import type { PlacementChoice } from './placementRule'

/** What a design is true to where the halves measured differ: what is seen first, or how the thing hangs. */
export function whichTrueTo(worn: boolean, usual: TrueTo): PlacementChoice {
  return {
    id: 'trueTo',
    name: 'The halves differ. Line up with',
    choices: [
      { id: 'start', name: worn ? 'True to the neck' : 'True to your line' },
      { id: 'body', name: worn ? 'True to the body' : 'True to the edges' },
    ],
    usual,
  }
}
