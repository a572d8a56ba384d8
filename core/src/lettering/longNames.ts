/** What is done about names that come out too long: nothing, smaller letters for those or for all, or closer letters for those. */
export const longNameWays = ['as-set', 'smaller', 'all-smaller', 'closer'] as const
export type LongNameWay = (typeof longNameWays)[number]
