import type { ChangedThing } from '@thimble/contract/answers'
import type { Change } from './outbox'

/** What tabs of one device tell each other: a change made, an answer to one, and that the server has something new. */
type TabNews =
  | { kind: 'made'; change: Change }
  | { kind: 'answered'; thing: ChangedThing }
  | { kind: 'news'; revision: number; start: string }

const channel = globalThis.BroadcastChannel ? new BroadcastChannel('zt.changes') : null

export const tellTabs = (news: TabNews): void => channel?.postMessage(news)

export const hearTabs = (hear: (news: TabNews) => void): void =>
  channel?.addEventListener('message', ({ data }: MessageEvent<TabNews>) => hear(data))
