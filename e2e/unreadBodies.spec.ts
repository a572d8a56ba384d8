import { connect } from 'node:net'
import { ENDURE, expect, type ShopServer, test } from './server'

type Heard = { answer: string; closed: string }

/** Sends what is given over a bare socket, and nothing more; all that is heard until the server closes it. */
const sendBare = (shop: ShopServer, head: readonly string[], body: string): Promise<Heard> =>
  new Promise((resolve) => {
    const socket = connect(shop.port, '127.0.0.1')
    const heard: Heard = { answer: '', closed: 'cleanly' }
    socket.on('data', (text) => (heard.answer += text))
    socket.on('error', (error) => (heard.closed = error.message))
    socket.on('close', () => resolve(heard))
    socket.write([...head, `host: 127.0.0.1:${shop.port}`, '', body].join('\r\n'))
  })

const JSON_BODY = 'content-type: application/json'
const PIECE = '/api/v1/pieces/any'

const unread = [
  ['of another kind', [`PATCH ${PIECE} HTTP/1.1`, 'content-type: text/plain', 'content-length: 900000'], 415],
  ['too long', [`PATCH ${PIECE} HTTP/1.1`, JSON_BODY, 'content-length: 90000000'], 413],
  ['for no door there is', ['POST /api/v1/nothing HTTP/1.1', JSON_BODY, 'content-length: 900000'], 408],
  ['from another site', [`PATCH ${PIECE} HTTP/1.1`, 'sec-fetch-site: cross-site', 'content-length: 900000'], 403],
  ['that drips', [`PATCH ${PIECE} HTTP/1.1`, JSON_BODY, 'content-length: 900000'], 408],
  ['that drips in pieces', [`PATCH ${PIECE} HTTP/1.1`, JSON_BODY, 'transfer-encoding: chunked'], 408],
] as const

test('a body that is not read to its end is answered in words, its connection closed, and nobody waits for it', {
  tag: ENDURE,
}, async ({ shop }) => {
  const heard = unread.map(async ([what, head, status]) => ({
    what,
    status,
    ...(await sendBare(shop, head, what.endsWith('pieces') ? '9\r\n{"note":"\r\n' : '{"note":"')),
  }))
  const start = performance.now()
  await shop.send('GET', '/health')
  expect(performance.now() - start).toBeLessThan(1000)
  for (const { what, status, answer, closed } of await Promise.all(heard))
    expect([what, Number(/^HTTP\/1.1 (\d+)/.exec(answer)?.[1]), closed]).toEqual([what, status, 'cleanly'])
})
