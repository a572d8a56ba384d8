import type { Context, Hono, MiddlewareHandler } from 'hono'
import { bodyLimit } from 'hono/body-limit'
import { changes } from '../access/accessPolicy'
import { notJpeg, notJson, problem } from './problems'

const MOST_BODY_BYTES = 2_000_000
/** Half a million stitches take some 8 MB. */
const MOST_DESIGN_BYTES = 60_000_000
/** A photo as the app makes it takes some 400 kB. */
const MOST_PHOTO_BYTES = 4_000_000
/** A design, or the pieces of an order with the names set for them. */
const isLong = (c: Context): boolean => /\/(packed|orders\/[^/]+\/pieces)$/.test(c.req.path)
const isPhoto = (c: Context): boolean => /\/photos\/[^/]+$/.test(c.req.path)
/** How long a body may take to come. */
const BODY_PATIENCE_MS = 10_000
/** No document is nested deeper than a dozen; what goes far beyond was made to break something. */
const MOST_DEPTH = 60

/** A body is JSON and says so. */
const requireJson: MiddlewareHandler = async (c, next) => {
  if (!changes(c.req.method)) return next()
  const type = c.req.header('content-type') ?? ''
  const { headers } = c.req.raw
  if (isPhoto(c)) return type.startsWith('image/jpeg') ? next() : notJpeg(c)
  if (c.req.path.endsWith('/import') && type.startsWith('application/zip')) return next()
  const sent = Number(headers.get('content-length') ?? 0) > 0 || headers.has('transfer-encoding') || type !== ''
  if (sent && !/^application\/([\w.-]+\+)?json\b/i.test(type)) return notJson(c)
  return next()
}

/** How deep JSON text is nested, no further than it matters; brackets in strings do not count. */
function isDeep(text: string): boolean {
  let depth = 0
  let quoted = false
  for (let i = 0; i < text.length; i++) {
    const sign = text.charCodeAt(i)
    if (quoted) {
      if (sign === 92) i++
      else if (sign === 34) quoted = false
    } else if (sign === 34) quoted = true
    else if (sign === 123 || sign === 91) {
      if (++depth > MOST_DEPTH) return true
    } else if (sign === 125 || sign === 93) depth--
  }
  return false
}

/** The body as text, when it comes within good time: a hand that lets it drip holds nothing up. */
async function inTime(body: Promise<string>): Promise<string | null> {
  let timer: NodeJS.Timeout | undefined
  const late = new Promise<null>((resolve) => (timer = setTimeout(() => resolve(null), BODY_PATIENCE_MS)))
  try {
    return await Promise.race([body, late])
  } finally {
    clearTimeout(timer)
  }
}

const refuseDeepAndSlow: MiddlewareHandler = async (c, next) => {
  const text = await inTime(isPhoto(c) ? c.req.arrayBuffer().then(() => '') : c.req.text())
  if (text === null) return problem(c, 408, 'Too slow', 'The rest of it did not come in time: send it again.')
  if (isDeep(text)) return problem(c, 422, 'Nested too deep', `Nothing here is nested more than ${MOST_DEPTH} deep.`)
  return next()
}

/**
 * No more than so many bytes. A body that says its length is not opened for that: to do so costs a small request half
 * of what all the rest of it does.
 */
function limited(bytes: number): MiddlewareHandler {
  const refuse = (c: Context): Response =>
    problem(c, 413, 'Too large', `More than ${bytes / 1e6} MB is not taken in one go; send less.`)
  const counted = bodyLimit({ maxSize: bytes, onError: refuse })
  return async (c, next) => {
    const { headers } = c.req.raw
    const said = headers.get('content-length')
    if (said === null || headers.has('transfer-encoding')) return counted(c, next)
    return Number(said) > bytes ? refuse(c) : next()
  }
}

/** What is asked of a body before anyone looks into it: its kind, its size and its depth. */
export function guardBodies(app: Pick<Hono, 'use'>): void {
  const [few, many, photo] = [limited(MOST_BODY_BYTES), limited(MOST_DESIGN_BYTES), limited(MOST_PHOTO_BYTES)]
  app.use('*', requireJson)
  // A shop file is of any length: it is read as it comes, and looks after itself.
  const ofChanges =
    (guard: MiddlewareHandler): MiddlewareHandler =>
    (c, next) =>
      changes(c.req.method) && !c.req.path.endsWith('/import') ? guard(c, next) : next()
  app.use(
    '*',
    ofChanges((c, next) => (isLong(c) ? many : isPhoto(c) ? photo : few)(c, next)),
  )
  app.use('*', ofChanges(refuseDeepAndSlow))
}
