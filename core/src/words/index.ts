export { inUnits } from './inUnits'
export { type Fill, type Named, type Said, say } from './said'
export { writeName, writeSaid } from './writeSaid'
