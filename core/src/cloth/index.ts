export { type ClothGuess, guessCloth } from './guessCloth'
