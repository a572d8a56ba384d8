export { inUnits } from './inUnits'
export { type Fill, type Named, type Message, message } from './message'
export { writeName, writeMessage } from './writeMessage'
