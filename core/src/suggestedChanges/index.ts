export { type ChangeId, type StackChange, type TroubleChange, troubleChange, troubleChanges } from './changes'
