export { fromThePrint, type Match, nearestThreads, onGround, toneOnTone } from './threadColours'
