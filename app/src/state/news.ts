import { hearTabs, tellTabs } from './tabs'

type Told = (revision: number, start: string) => void

/**
 * Calls back when the server has something new, and when it can be reached again. One tab of the device listens, as a
 * browser opens only a few connections to a place, and tells the others.
 */
export function hearNews(onNews: Told, onBroken: () => void): void {
  hearTabs((news) => news.kind === 'news' && onNews(news.revision, news.start))
  const listen = (): void => {
    const events = new EventSource('/api/v1/events')
    events.addEventListener('changed', ({ lastEventId, data }: MessageEvent<string>) => {
      const revision = Number(lastEventId)
      onNews(revision, data)
      tellTabs({ kind: 'news', revision, start: data })
    })
    events.addEventListener('error', () => {
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
