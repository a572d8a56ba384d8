import type { Context, MiddlewareHandler } from 'hono'
import { changes } from '../access/accessPolicy'
import { DESIGN_LIMITS, DOCUMENT_LIMITS, MANY_LIMITS } from '../json/jsonGauge'
import { notJpeg, notJson } from './problems'
import { type BodyRule, takeBody } from './takeBody'

const one: BodyRule = { bytes: 2_000_000, json: DOCUMENT_LIMITS, patienceMs: 10_000 }
/** Half a million stitches take some 8 MB. */
const design: BodyRule = { bytes: 40_000_000, json: DESIGN_LIMITS, patienceMs: 60_000 }
/** The pieces of an order with the names set for them. */
const many: BodyRule = { bytes: 40_000_000, json: MANY_LIMITS, patienceMs: 60_000 }
/** A photo as the app makes it takes some 400 kB. */
const photo: BodyRule = { bytes: 4_000_000, json: null, patienceMs: 30_000 }

const isPhoto = (c: Context): boolean => /\/photos\/[^/]+$/.test(c.req.path)

function ruleFor(c: Context): BodyRule {
  if (isPhoto(c)) return photo
  if (c.req.path.endsWith('/packed')) return design
  return /\/orders\/[^/]+\/pieces$/.test(c.req.path) ? many : one
}

/** A body is what its door takes, and says so; null where it is. */
function wrongKind(c: Context): Response | null {
  const type = c.req.header('content-type') ?? ''
  const { headers } = c.req.raw
  if (isPhoto(c)) return type.startsWith('image/jpeg') ? null : notJpeg(c)
  if (c.req.path.endsWith('/import') && type.startsWith('application/zip')) return null
  const sent = Number(headers.get('content-length') ?? 0) > 0 || headers.has('transfer-encoding') || type !== ''
  return sent && !/^application\/([\w.-]+\+)?json\b/i.test(type) ? notJson(c) : null
}

/**
 * What is asked of a body before anyone looks into it: its kind, its size, what it holds, and that it comes in time. One
 * step for all of it, as every step costs every request.
 */
export const guardBodies: MiddlewareHandler = async (c, next) => {
  if (!changes(c.req.method)) return next()
  const wrong = wrongKind(c)
  if (wrong) return wrong
  // A shop file is of any length: it is read as it comes, and looks after itself.
  if (c.req.path.endsWith('/import')) return next()
  return (await takeBody(c, ruleFor(c))) ?? next()
}
