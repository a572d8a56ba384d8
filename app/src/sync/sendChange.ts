import { program as t } from '@thimble/language/en/program'
import { ask, Away, Refused } from '@/http/client'
import type { Change } from '../state/change'

/** A design goes from the device's database to the server without passing through the screen. */
async function sendPacked(id: string): Promise<void> {
  const { status, said } = await import('@/workers/designClient')
    .then(({ inDesignWorker }) => inDesignWorker((d) => d.send(id)))
    .catch((error: Error) => {
      throw new Away(error.message)
    })
  if (status === 200) return
  if (status === 0 || status === 401) throw new Away(said, null, status === 401)
  throw new Refused({ detail: said, status })
}

/** A photo that is neither here any more nor there is said so. */
async function sendPhoto(id: string): Promise<void> {
  const { photoHere } = await import('@/workers/photoStore')
  const photo = await photoHere(id)
  if (!photo) throw new Refused({ detail: t('the-photo-is-no-longer'), status: 404 })
  await ask(`/photos/${id}`, { method: 'PUT', photo })
}

type Sent = Record<string, unknown> & { revision: number }

const methods = { put: 'PUT', patch: 'PATCH', delete: 'DELETE', restore: 'POST' } as const

/** Sends a change, and answers with what came of it where the server says. @throws Refused, Away */
export async function sendChange(change: Change): Promise<Sent | null> {
  if (change.kind === 'packed') return sendPacked(change.id).then(() => null)
  if (change.kind === 'photo') return sendPhoto(change.id).then(() => null)
  if (change.kind === 'shop') return ask('/shop', { method: 'PATCH', body: change.body })
  const { kind, resource, id } = change
  const path = `/${resource}/${id}${kind === 'restore' ? '/restore' : ''}`
  const seen = kind === 'patch' && change.seen !== undefined ? `?seen=${change.seen}` : ''
  const body = 'body' in change ? { body: change.body } : {}
  return (await ask<Sent | undefined>(`${path}${seen}`, { method: methods[kind], ...body })) ?? null
}
