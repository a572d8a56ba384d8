import { shopComputer as t } from '@thimble/language/en/shopComputer'
import type { Context } from 'hono'
import { excessText, JsonGauge, type JsonLimits } from '../json/jsonGauge'
import { problem } from './problems'

/** What a body may be: so many bytes, what its JSON may hold (null: it is none), and how long it may take to come. */
export type BodyRule = { bytes: number; json: JsonLimits | null; patienceMs: number }

/** A body of up to this many bytes that says its length is read at once: to open it as a stream costs half of what all the rest of a small request does. */
const SMALL = 64_000

/** Why a body is not taken, as an answer. */
class Refused extends Error {
  constructor(readonly answer: Response) {
    super()
  }
}

/**
 * Reads a body as it comes, looks at its bytes before anyone parses them, and leaves it to be read from the request as if
 * nobody had. However it comes, whole or in pieces, it has the same patience. Answers with a refusal, or null.
 */
export async function takeBody(c: Context, rule: BodyRule): Promise<Response | null> {
  const { headers } = c.req.raw
  const said = headers.has('transfer-encoding') ? null : headers.get('content-length')
  if (Number(said ?? 0) > rule.bytes) return tooLarge(c, rule)
  const deadline = new Deadline(rule.patienceMs)
  try {
    if (rule.json && said !== null && Number(said) <= SMALL) {
      const text = await deadline.within(c.req.text())
      measure(c, new JsonGauge(rule.json), rule.json, Buffer.from(text))
    } else {
      const bytes = await gathered(c, rule, deadline)
      // The request keeps what was read as promises, whatever its types say.
      const read = rule.json ? { text: bytes.toString('utf8') } : { arrayBuffer: new Uint8Array(bytes).buffer }
      for (const [as, body] of Object.entries(read)) Object.assign(c.req.bodyCache, { [as]: Promise.resolve(body) })
    }
    return null
  } catch (error) {
    if (error instanceof Late) return tooSlow(c)
    if (error instanceof Refused) return error.answer
    throw error
  } finally {
    deadline.clear()
  }
}

async function gathered(c: Context, rule: BodyRule, deadline: Deadline): Promise<Buffer> {
  const gauge = rule.json && new JsonGauge(rule.json)
  const reader = c.req.raw.body?.getReader()
  const parts: Uint8Array[] = []
  let size = 0
  while (reader) {
    const { done, value } = await deadline.within(reader.read())
    if (done) break
    size += value.length
    if (size > rule.bytes) throw new Refused(tooLarge(c, rule))
    if (gauge) measure(c, gauge, rule.json!, value)
    parts.push(value)
  }
  return Buffer.concat(parts)
}

function measure(c: Context, gauge: JsonGauge, limits: JsonLimits, bytes: Uint8Array): void {
  const excess = gauge.add(bytes)
  if (!excess) return
  const title = excess === 'depth' ? t('nested-too-deep') : t('too-much-in-it')
  throw new Refused(problem(c, 422, title, excessText(excess, limits)))
}

const tooLarge = (c: Context, { bytes }: BodyRule): Response =>
  problem(c, 413, t('too-large'), t('more-than-mb-is-too', { bytes: bytes / 1e6 }))
const tooSlow = (c: Context): Response => problem(c, 408, t('too-slow'), t('the-rest-didnt-arrive-in'))

class Late extends Error {}

/** One moment for all of a body: a hand that lets it drip holds nothing up. */
class Deadline {
  readonly #timer: NodeJS.Timeout
  readonly #late: Promise<never>

  constructor(ms: number) {
    let late: (error: Error) => void
    this.#late = new Promise((_, reject) => (late = reject))
    this.#late.catch(() => undefined)
    this.#timer = setTimeout(() => late(new Late()), ms)
  }

  within = <T>(work: Promise<T>): Promise<T> => Promise.race([work, this.#late])

  clear = (): void => clearTimeout(this.#timer)
}
