export { labelOf, speakerFor, writeMessage, writeName } from './speaker'
export { en } from './en'
export { type Aloud, aloud } from './aloud'
export { problemText } from './problemText'
