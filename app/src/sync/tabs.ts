import type { ChangedThing } from '@thimble/contract/answers'
import type { Change } from '../state/change'

/** What tabs of one device tell each other: a change made, an answer to one, and that the server has something new. */
type TabMessage =
  | { kind: 'made'; change: Change }
  | { kind: 'answered'; thing: ChangedThing }
  | { kind: 'news'; revision: number; start: string }

const channel = globalThis.BroadcastChannel ? new BroadcastChannel('zt.changes') : null

export const tellTabs = (news: TabMessage): void => channel?.postMessage(news)

export const listenToTabs = (hear: (news: TabMessage) => void): void =>
  channel?.addEventListener('message', ({ data }: MessageEvent<TabMessage>) => hear(data))
