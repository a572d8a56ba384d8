import { shopComputer as t } from '@thimble/language/en/shopComputer'
import { type PairAnswer, PairRequest, type ShopTrust } from '@thimble/contract/phones'
import { type Context, Hono } from 'hono'
import { bodyLimit } from 'hono/body-limit'
import { askingToken, giveAskingToken, giveKey, phoneKey } from '../access/phoneKey'
import type { GuessAnswer } from '../phones/pairing'
import type { Phones } from '../phones/phones'
import { notJson, problem, toProblem } from './problems'

const MOST_BYTES = 1000

type Wrong = Extract<GuessAnswer, { wrong: string }>['wrong']
const wrongs: Record<Wrong, [status: number, title: string, detail: string]> = {
  code: [403, 'Not the code', 'That’s not the code. Check the shop computer.'],
  none: [410, t('the-code-has-expired'), t('the-code-has-expired-press')],
  'too-many': [429, t('one-at-a-time'), t('others-are-asking-too-wait')],
}

/** What one who is not let in may ask: to come in, how that stands, and what to trust. It names nothing of the shop. */
export function pairRoutes(phones: Phones): Hono {
  const app = new Hono()
  app.onError(toProblem)
  app.use('*', async (c, next) => {
    c.header('cache-control', 'no-store')
    await next()
  })
  app.post('/ask', bodyLimit({ maxSize: MOST_BYTES, onError: tooLarge }), async (c) => {
    if (!/^application\/json\b/i.test(c.req.header('content-type') ?? '')) return notJson(c)
    const { code, name } = PairRequest.parse(await c.req.json())
    const answer = await phones.pairing.guess(code, name)
    if ('wrong' in answer) return problem(c, ...wrongs[answer.wrong])
    giveAskingToken(c, answer.token)
    return c.json({ state: 'waiting' } satisfies PairAnswer)
  })
  app.post('/come-in', async (c) => c.json({ state: await comeIn(c, phones) } satisfies PairAnswer))
  app.get('/trust.json', (c) => c.json({ fingerprint: phones.fingerprint ?? '' } satisfies ShopTrust))
  app.get('/workshop.crt', (c) => {
    // As one to take in, and not as a file to keep: phones of one kind ask at once.
    c.header('content-type', 'application/x-x509-ca-cert')
    return c.body(new Uint8Array(phones.authority ?? []))
  })
  return app
}

/** With the laptop's yes the phone gets its key; one that has a key is in. */
async function comeIn(c: Context, phones: Phones): Promise<PairAnswer['state']> {
  const key = phoneKey(c)
  if (key && phones.store.knows(key)) return 'in'
  const outcome = phones.pairing.outcome(askingToken(c) ?? '')
  if (typeof outcome === 'string') return outcome
  giveKey(c, phones.store.letIn(outcome.name))
  return 'in'
}

const tooLarge = (c: Context): Response => problem(c, 413, t('too-large'), t('the-code-or-name-is'))
