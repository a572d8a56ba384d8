import { faultIds } from '@thimble/contract'

export const faultNames: Record<(typeof faultIds)[number], string> = {
  puckering: 'Puckering',
  'outline-off': 'Outline off the fill',
  sinking: 'Stitches sink',
  'loops-on-top': 'Loops on top',
  'bobbin-on-top': 'Bobbin showing on top',
  nest: 'Nest underneath',
  'thread-breaks': 'Thread frays or breaks',
  'needle-breaks': 'Needle breaks or heats',
  'placed-off': 'Placed off',
  crooked: 'Crooked',
  'ring-mark': 'Ring mark',
  'backing-shows': 'Backing shows',
  hole: 'Hole or run',
  'sewn-in': 'Cloth sewn in',
  scratchy: 'Scratchy back',
}

export const faultChoices = faultIds.map((id) => ({ id, name: faultNames[id] }))
export const howBadNames = { 1: 'hardly seen', 2: 'seen', 3: 'spoils it' } as const
export const verdictNames = { good: 'Good', passable: 'Will pass', spoiled: 'Spoiled' } as const
