export { rowFieldLength } from './rowFieldLength'
export { type MotifRow, type RowEnds, rowEnds, type RowRequest, spaceMotifs } from './spaceMotifs'
export { type Hooping, splitHoopings } from './splitHoopings'
