import { Piece } from '@thimble/contract'
import { rehome } from '@thimble/plan'
import type { Store } from '../state/deviceStorage'
import { PREFIX } from './outbox'

const BEFORE = 'zt.out.'

type Old = { kind: string; resource?: string; body?: object }

/** Changes that an older app had not sent yet, in the shape documents have today; what was typed is not left behind. */
export function upgradeOutbox(store: Store): void {
  const old = Array.from({ length: store.length }, (_, i) => store.key(i)).filter((key) => key?.startsWith(BEFORE))
  for (const key of old as string[]) {
    store.setItem(key.replace(BEFORE, PREFIX), JSON.stringify(upgraded(JSON.parse(store.getItem(key)!) as Old)))
    store.removeItem(key)
  }
}

function upgraded(change: Old): object {
  if (change.kind === 'drawing') return { ...change, kind: 'packed' }
  if (change.resource !== 'pieces' || !change.body) return change
  const body = rehome(change.body)
  if (change.kind === 'patch') return { ...change, body }
  const found = Piece.safeParse(body)
  return { ...change, body: found.success ? found.data : body }
}
