export { applyHomography, type Homography, homographyFrom } from './homography'
