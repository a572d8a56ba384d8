export { readTypeface, setWording, type Typeface, type Wording, type WordingRequest } from './setWording'
