/** What goes wrong, most of it craft.md section 10. */
export const faultIds = [
  'puckering',
  'outline-off',
  'sinking',
  'loops-on-top',
  'bobbin-on-top',
  'nest',
  'thread-breaks',
  'needle-breaks',
  'placed-off',
  'crooked',
  'ring-mark',
  'backing-shows',
  'hole',
  'sewn-in',
  'scratchy',
] as const
export type FaultId = (typeof faultIds)[number]

/** Good, will pass, to be taken out and sewn again, spoiled. */
export const verdicts = ['good', 'passable', 'redo', 'spoiled'] as const
export type Verdict = (typeof verdicts)[number]

/** Hardly seen, seen, spoils it. */
export const howBads = [1, 2, 3] as const
export type HowBad = (typeof howBads)[number]
