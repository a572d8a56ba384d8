export { fitNames, type FittedName, type NamesRequest } from './fitNames'
export { setLettering, type LetteringRequest } from './setLettering'
export { readTypeface, type Typeface } from './typeface'
