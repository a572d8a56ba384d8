/** What a piece costs, by what it is spent on. */
export const costParts = [
  'blank',
  'thread',
  'bobbin',
  'backing',
  'needle',
  'machine',
  'labour',
  'spoilage',
  'setup',
] as const
export type CostPart = (typeof costParts)[number]
