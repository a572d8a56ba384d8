export {
  type Behind,
  bothOf,
  type DoId,
  type Fill,
  type FillsIn,
  type Named,
  type Message,
  message,
  doOf,
  type MessageId,
  whyOf,
  type WhyId,
} from './message'
