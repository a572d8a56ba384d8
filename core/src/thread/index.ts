export { minutesSaved } from './changeSaving'
export { type ThreadUse, threadUse } from './threadUse'
