export { fitNames, type FittedName, type NamesRequest } from './fitNames'
export { type LongNameWay, longNameWays } from './longNames'
export { setLettering, type Lettering, type LetteringRequest } from './setLettering'
export { readTypeface, type Typeface } from './typeface'
