import { noteContact } from './lastContact'
import { listenToTabs, tellTabs } from './tabs'

type OnChange = (revision: number, start: string) => void

/**
 * Calls back when the server has something new, and when it can be reached again. One tab of the device listens, as a
 * browser opens only a few connections to a place, and tells the others.
 */
export function listenToServer(onNews: OnChange, onBroken: () => void): void {
  listenToTabs((news) => news.kind === 'news' && onNews(news.revision, news.start))
  const listen = (): void => {
    const events = new EventSource('/api/v1/events')
    let quiet: ReturnType<typeof setTimeout>
    // A network that is left says nothing: a line without a beat is dead.
    const alive = (): void => {
      noteContact()
      clearTimeout(quiet)
      quiet = setTimeout(() => {
        events.close()
        onBroken()
        listen()
      }, QUIET_MS)
    }
    events.addEventListener('beat', alive)
    events.addEventListener('changed', ({ lastEventId, data }: MessageEvent<string>) => {
      alive()
      const revision = Number(lastEventId)
      onNews(revision, data)
      tellTabs({ kind: 'news', revision, start: data })
    })
    events.addEventListener('error', () => {
      clearTimeout(quiet)
      onBroken()
      // A browser gives up for good where it was answered that there is no such thing.
      if (events.readyState === EventSource.CLOSED) setTimeout(listen, AGAIN_MS)
    })
  }
  if (!navigator.locks) listen()
  // Held as long as the tab lives: then the next one listens.
  else void navigator.locks.request('zt.events', () => (listen(), new Promise<never>(() => undefined)))
}
const AGAIN_MS = 3000
/** More than two of the server's beats. */
const QUIET_MS = 40_000
