export { ENOUGH } from './enough'
export { type FaultId, faultIds, type HowBad, howBads, type Verdict, verdicts } from './faults'
export { judgedWashed, WASHED_AFTER_DAYS } from './wash'
