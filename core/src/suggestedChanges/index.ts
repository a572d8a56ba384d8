export { type ChangeId, changeOf, type StackChange, type TroubleChange, troubleChange, troubleChanges } from './changes'
