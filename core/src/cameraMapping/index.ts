export { applyHomography, homographyFrom } from './homography'
