export type { Afterwards } from './afterwards'
export { type StackChange, type TroubleChange, troubleChange, troubleChanges } from './changes'
export { type Cause, causeRules, likelyCauses } from './likelyCauses'
