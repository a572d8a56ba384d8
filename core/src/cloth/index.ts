export { guessCloth } from './guessCloth'
