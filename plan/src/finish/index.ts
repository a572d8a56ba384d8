export {
  hoopingsOfRecord,
  landingOf,
  landingProblems,
  type LandingTape,
  landingTapes,
  landingTyped,
  putLanding,
} from './landing'
export { measuredMinutes } from './measuredMinutes'
export { minuteProblems, minutesOf } from './minutes'
export { troublesOf } from './troubles'
export { forecastOf } from './forecast'
