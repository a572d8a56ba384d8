import { deviceStorage } from './deviceStorage'
import { type Change, Outbox } from './outbox'
import { connected } from './shelf'
import { store } from './store'

const tab = crypto.randomUUID().slice(0, 8)

/** This device's outbox, as this tab sees it. */
export const outbox = new Outbox(deviceStorage, () => Date.now(), tab)

/** What the server may not have yet, in the order it was made. */
export const waitingChanges = (): Change[] => outbox.waiting().map((w) => w.change)

/** Shows how things stand with the server and with what is to be sent. */
export function tellQueue(state: { connection?: 'here' | 'away'; trouble?: string | null } = {}): void {
  store.dispatch(connected({ ...state, waiting: outbox.size, notKept: outbox.refused() }))
}
