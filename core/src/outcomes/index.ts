export { ENOUGH } from './enough'
export { type FaultId, faultIds, type HowBad, howBads, type Verdict, verdicts } from './faults'
export { faultNames, howBadNames, verdictNames } from './names'
