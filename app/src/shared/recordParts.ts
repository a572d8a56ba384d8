/* What records show beside their words, as one script: the pages of a piece, of the log and of the stash ask for it. */
export { FaultMarks } from './FaultMarks'
export { Photo } from './Photo'
export { PhotoPicker } from './PhotoPicker'
export { StitchingStory } from './StitchingStory'
