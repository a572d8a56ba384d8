export { type Box, boxOf, rectangle } from './box'
export { convexHull } from './convexHull'
export { applyPose, composePose, inversePose, type Point, type Pose, rotatePoint } from './point'
export { rigidFit } from './rigidFit'
