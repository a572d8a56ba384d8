import type { FaultId, HowBad, Verdict } from './faults'

/** What the trade calls what goes wrong, for sentences and labels. */
export const faultNames: Readonly<Record<FaultId, string>> = {
  puckering: 'Puckering',
  'outline-off': 'Outline off the fill',
  sinking: 'Stitches sink',
  'loops-on-top': 'Loops on top',
  'bobbin-on-top': 'Bobbin showing on top',
  nest: 'Nest underneath',
  'thread-breaks': 'Thread frays or breaks',
  'needle-breaks': 'Needle breaks or heats',
  'placed-off': 'Misplaced',
  crooked: 'Crooked',
  'ring-mark': 'Hoop mark',
  'backing-shows': 'Backing shows',
  hole: 'Hole or run',
  'sewn-in': 'Cloth sewn in',
  scratchy: 'Scratchy back',
}
export const howBadNames: Readonly<Record<HowBad, string>> = { 1: 'barely visible', 2: 'seen', 3: 'spoils it' }
export const verdictNames: Readonly<Record<Verdict, string>> = {
  good: 'Good',
  passable: 'Will pass',
  redo: 'Redo',
  spoiled: 'Spoiled',
}
/** How a piece looks after the wash; `open`: nobody has seen it. */
export const washNames: Readonly<Record<Verdict | 'open', string>> = { open: 'Not checked yet', ...verdictNames }
