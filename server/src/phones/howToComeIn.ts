import type { IncomingMessage, ServerResponse } from 'node:http'

/** A host as a browser may be sent to: names, numbers, dots, colons and brackets, and nothing to break out of a page with. */
const HOST = /^[\w.:[\]-]{1,100}$/

/** For who comes by plain http: nothing but the address that is right, and what to expect there. */
export function howToComeIn({ headers }: IncomingMessage, answer: ServerResponse): void {
  const host = headers.host ?? ''
  const link = HOST.test(host)
    ? `<p><a href="https://${host}/pair/">https://${host}</a></p>`
    : '<p>Use the address the shop computer shows, with <b>https</b> before it.</p>'
  const page = `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1"><title>Use https</title><style>body{margin:0;padding:32px 24px;background:#F6F1E7;color:#1F2D38;font:18px/1.5 sans-serif}h1{font:600 26px/1.2 serif}a{color:#2C4A7A;font-weight:700;display:inline-block;min-height:44px;line-height:44px}</style></head><body><h1>Use https</h1><p>Here what you type could be read on its way, so nothing of the shop is shown. This is the same door, closed to listeners:</p>${link}<p>Your phone will warn you there once, because the shop made its certificate itself. What to do then stands beside the code on the laptop.</p></body></html>`
  answer.writeHead(426, {
    'content-type': 'text/html; charset=utf-8',
    'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'",
    'cache-control': 'no-store',
    'x-content-type-options': 'nosniff',
    upgrade: 'TLS/1.2, HTTP/1.1',
    connection: 'close',
  })
  answer.end(page)
}
