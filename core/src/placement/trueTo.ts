import { message } from '../messages/message'
import type { TrueTo } from './centreOf'
import type { PlacementChoice } from './placementRule'

/** What a design is true to where the halves measured differ: what is seen first, or how the thing hangs. */
export function whichTrueTo(worn: boolean, usual: TrueTo): PlacementChoice {
  return {
    id: 'trueTo',
    name: message('item.the-halves-differ-line-up'),
    choices: [
      { id: 'start', name: worn ? message('item.true-to-the-neck') : message('item.true-to-your-line') },
      { id: 'body', name: worn ? message('item.true-to-the-body') : message('item.true-to-the-edges') },
    ],
    usual,
  }
}
