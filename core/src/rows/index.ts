export { rowFieldLength } from './rowFieldLength'
export { rowEnds } from './spaceMotifs'
export { type Hooping, splitHoopings } from './splitHoopings'
