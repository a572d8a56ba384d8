export { blockAt, bobbinAt, secondsAt, stitchAfter } from './alongProgram'
export { appliqueHalts, halts } from './halts'
export { type SewBlock, sewProgram, type SewProgram, type ToSew } from './sewProgram'
