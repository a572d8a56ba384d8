import { mkdtempSync, rmSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { openDatabase, ShopStore, site } from '@thimble/server'

/** A JPEG of 16 x 8 points as its makers lay it down: frame, tables, scan. */
const segment = (kind: number, ...data: number[]): number[] => [0xff, kind, 0, data.length + 2, ...data]
const FRAME = segment(0xc0, 8, 0, 8, 0, 16, 1, 1, 0x11, 0)
const picture = (...between: number[]): Uint8Array =>
  Uint8Array.from([
    ...[0xff, 0xd8],
    ...segment(0xe0, ...Buffer.from('JFIF\0'), 1, 1, 0, 0, 1, 0, 1, 0, 0),
    ...between,
    ...segment(0xdb, ...new Array<number>(65).fill(1)),
    ...FRAME,
    ...segment(0xda, 1, 1, 0, 0, 63, 0),
    ...[0x55, 0xff, 0xd9],
  ])

describe('photos', () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-photos-'))
  let app: ReturnType<typeof site>
  let store: ShopStore

  beforeAll(async () => {
    store = new ShopStore(await openDatabase(folder, 'server/drizzle'), () => '2026-11-27T09:00:00.000Z')
    app = site(store, 'app/dist')
  })
  afterAll(async () => {
    store.database.revisions.end()
    await store.database.close()
    rmSync(folder, { recursive: true, force: true })
  })

  const ask = (method: string, where: string, body?: Uint8Array | string, type = 'image/jpeg') =>
    app.request(`/api/v1${where}`, {
      method,
      headers: { host: '127.0.0.1', ...(body ? { 'content-type': type } : {}) },
      ...(body ? { body: body as BodyInit } : {}),
    })
  const refusal = async (body: Uint8Array): Promise<string> => {
    const answer = await ask('PUT', '/photos/other', body)
    expect(answer.status).toBe(422)
    return ((await answer.json()) as { detail: string }).detail
  }

  it('come out as they came in, asked twice the same, and are never a page', async () => {
    expect((await ask('PUT', '/photos/p1', picture())).status).toBe(204)
    expect((await ask('PUT', '/photos/p1', picture(...segment(0xee, 1, 2)))).status).toBe(204)
    const answer = await ask('GET', '/photos/p1')
    expect([answer.headers.get('content-type'), answer.headers.get('x-content-type-options')]).toEqual([
      'image/jpeg',
      'nosniff',
    ])
    expect(new Uint8Array(await answer.arrayBuffer())).toEqual(picture())
    expect((await ask('GET', '/photos/nothing')).status).toBe(404)
  })

  it('that tell more than their picture, are no JPEG, are broken off or far too large are refused in words', async () => {
    const exif = picture(...segment(0xe1, ...Buffer.from('Exif\0\0II*\0')))
    expect(await refusal(exif)).toContain('holds more than the image')
    expect(await refusal(picture(...segment(0xfe, ...Buffer.from('by a phone'))))).toContain(
      'holds more than the image',
    )
    expect(await refusal(Uint8Array.from(Buffer.from('GIF89a, or a letter')))).toContain('not a JPEG')
    expect(await refusal(picture().subarray(0, 90))).toContain('incomplete')
    const huge = picture()
    huge.set([0x20, 0x00], huge.findIndex((_, i) => huge[i] === 0xff && huge[i + 1] === 0xc0) + 7)
    expect(await refusal(huge)).toContain('2000 pixels')
    expect((await ask('PUT', '/photos/other', new Uint8Array(4_100_000))).status).toBe(413)
    expect((await ask('PUT', '/photos/other', '{}', 'application/json')).status).toBe(415)
    expect((await ask('GET', '/photos/other')).status).toBe(404)
  })

  it('go out with the shop’s file and come in again; one that is bad there keeps the whole file out', async () => {
    const out = await (await ask('GET', '/export')).text()
    const file = JSON.parse(out) as { photos: { id: string; jpeg: string }[] }
    expect(file.photos).toEqual([{ id: 'p1', jpeg: Buffer.from(picture()).toString('base64') }])
    const taken = await ask('POST', '/import', out, 'application/json')
    expect([taken.status, ((await taken.json()) as { photos: number }).photos]).toEqual([200, 1])
    const bad = { ...file, photos: [{ id: 'p2', jpeg: Buffer.from('a letter').toString('base64') }] }
    expect((await ask('POST', '/import', JSON.stringify(bad), 'application/json')).status).toBe(422)
    expect((await ask('GET', '/photos/p2')).status).toBe(404)
  })
})
