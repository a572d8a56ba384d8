/* The pages of a piece as one script, so that what they share is not fetched by who looks at the bench alone. */
export { PiecePage } from './PiecePage'
export { StitchingPage } from './stitching/StitchingPage'
export { StraightPage } from './hoop/StraightPage'
