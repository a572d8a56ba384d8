import { mkdtempSync, rmSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { openDatabase, ShopStore, site } from '@thimble/server'
import { crewPolo, recorded } from './crewPolo'

const at = '2026-11-27T08:00:00.000Z'
const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-run-'))

describe('events of a run', () => {
  let store: ShopStore
  let app: ReturnType<typeof site>

  beforeAll(async () => {
    store = new ShopStore(await openDatabase(folder, 'server/drizzle'), () => at)
    app = site(store, 'app/dist')
  })
  afterAll(async () => {
    store.database.revisions.end()
    await store.database.close()
    rmSync(folder, { recursive: true, force: true })
  })

  const send = async <T>(method: string, where: string, body?: object): Promise<T> => {
    const headers = { host: '127.0.0.1', 'content-type': 'application/json' }
    const answer = await app.request(`/api/v1${where}`, {
      method,
      headers,
      ...(body ? { body: JSON.stringify(body) } : {}),
    })
    return (await answer.json()) as T
  }
  const tap = (id: string, stitch: number) =>
    send('PUT', `/runEvents/${id}`, {
      ...{ name: 'Crew polo', piece: 'polo', kind: 'shift', stitch },
      ...{ createdAt: at, updatedAt: at, revision: 0 },
    })
  const held = async (): Promise<string[]> => {
    type Page = { changes: { collection: string; id: string }[] }
    const { changes } = await send<Page>('GET', '/changes?held=true&limit=500')
    return changes.filter(({ collection }) => collection === 'runEvents').map(({ id }) => id)
  }
  const ofPiece = async (): Promise<[string, boolean][]> => {
    const events = await send<{ id: string; atHand: boolean }[]>('GET', '/pieces/polo/run')
    return events.map(({ id, atHand }) => [id, atHand])
  }

  it('are held by devices as long as their piece is on the bench, one that comes late too, and back when it is opened', async () => {
    const polo = crewPolo('polo')
    await send('PUT', '/pieces/polo', polo)
    await tap('first', 10)
    await tap('first', 99)
    expect([await held(), await ofPiece()]).toEqual([['first'], [['first', true]]])

    await send('PATCH', '/pieces/polo', recorded(polo, at))
    await tap('late', 20)
    expect(await held()).toEqual([])
    expect(await ofPiece()).toEqual([
      ['first', false],
      ['late', false],
    ])

    await send('PATCH', '/pieces/polo', { finish: { reopened: true } })
    expect((await held()).sort()).toEqual(['first', 'late'])
  })
})
