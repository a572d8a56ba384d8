import type { Change } from '../state/change'
import { deviceStorage } from '../state/deviceStorage'
import { Outbox } from './outbox'
import { noteContact } from './lastContact'
import { connected } from '../state/documents'
import { store } from '../state/store'
import { nanoid } from 'nanoid'

const tab = nanoid().slice(0, 8)

/** This device's outbox, as this tab sees it. */
export const outbox = new Outbox(deviceStorage, () => Date.now(), tab)

/** What the server may not have yet, in the order it was made. */
export const waitingChanges = (): Change[] => outbox.waiting().map((w) => w.change)

/** Shows how things stand with the server and with what is to be sent. */
export function tellQueue(state: { connection?: 'here' | 'away' | 'out'; trouble?: string | null } = {}): void {
  if (state.connection === 'here') noteContact()
  store.dispatch(connected({ ...state, waiting: outbox.size, refused: outbox.refused() }))
}
