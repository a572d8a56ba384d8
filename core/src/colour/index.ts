export { readColour } from './readColour'
export { fromThePrint, type Match, nearestThreads, sameToTheEye, onGround, toneOnTone } from './threadColours'
