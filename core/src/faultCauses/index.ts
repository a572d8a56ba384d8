export type { Afterwards } from './afterwards'
export { type Cause, causeRules, likelyCauses } from './likelyCauses'
export { rescueOf } from './rescues'
