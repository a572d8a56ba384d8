import { program as t } from '@thimble/language/en/program'
import { deviceStorage } from './deviceStorage'
import { newer, noticed } from './documents'
import { store } from './store'

let waiting: ServiceWorker | null = null

/** Lets the app open while the server is away, and tells when a newer version of it lies ready. */
export async function keepShell(): Promise<void> {
  const { serviceWorker } = navigator
  if (!serviceWorker) return
  const shell = await serviceWorker.register('/sw.js').catch(tellNotKept)
  if (!shell) return
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

const TOLD = 'zt.told.shell'

/** A phone keeps the program only from a place whose certificate it trusts; said once, as it works all the same. */
function tellNotKept(): void {
  if (location.protocol !== 'https:' || deviceStorage.getItem(TOLD)) return
  deviceStorage.setItem(TOLD, 'yes')
  store.dispatch(noticed(t('this-phone-doesnt-trust-the')))
}

/** Takes the newer version at work: everything that was typed is kept, and the page is reopened by it. */
export function takeNewer(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true })
  waiting?.postMessage({ type: 'SKIP_WAITING' })
}
