import { newer } from './shelf'
import { store } from './store'

let waiting: ServiceWorker | null = null

/** Lets the app open while the server is away, and tells when a newer version of it lies ready. */
export async function keepShell(): Promise<void> {
  const { serviceWorker } = navigator
  if (!serviceWorker) return
  const shell = await serviceWorker.register('/sw.js')
  const ready = (worker: ServiceWorker | null): void => {
    // Without one at work before, this is the first and not a newer one.
    if (!worker || !serviceWorker.controller) return
    waiting = worker
    store.dispatch(newer())
  }
  ready(shell.waiting)
  shell.addEventListener('updatefound', () => {
    const coming = shell.installing
    coming?.addEventListener('statechange', () => coming.state === 'installed' && ready(coming))
  })
}

/** Takes the newer version at work: everything that was typed is kept, and the page is opened anew by it. */
export function takeNewer(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true })
  waiting?.postMessage({ type: 'SKIP_WAITING' })
}
