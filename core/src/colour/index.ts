export { fromThePrint, type Match, nearestThreads, sameToTheEye, onGround, toneOnTone } from './threadColours'
