export { labelOf, speakerFor, writeMessage, writeName } from './speaker'
export { en } from './en'
export { type Aloud, aloud } from './aloud'
export { problemText } from './problemText'
export { countText, joined, moneyFormat } from './figures'
export { LOCALE_KEY, platformLocale } from './locale'
export {
  bobbinColourNames,
  faultNames,
  gripNames,
  holdingNames,
  howBadNames,
  layerNames,
  pointNames,
  verdictNames,
  washNames,
} from './names'
