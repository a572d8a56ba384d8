export { fitNames, type FittedName, type NamesRequest } from './fitNames'
export { type LongNameWay, longNameWays } from './longNames'
export { setWording, type Wording, type WordingRequest } from './setWording'
export { readTypeface, type Typeface } from './typeface'
