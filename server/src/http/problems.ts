import { problemText } from '@thimble/language'
import { shopComputer as t } from '@thimble/language/en/shopComputer'
import type { Problem } from '@thimble/contract/answers'
import { CoreError } from '@thimble/core/errors'
import type { Context } from 'hono'
import { fileFaultOf, type FileFault } from '../db/fileFault'
import { HTTPException } from 'hono/http-exception'
import { ZodError } from 'zod'
import { ChangeOfRemoved, NotFound, Removed, UNKNOWN, UnknownKeys, Unreadable } from '../stores/notFound'

type Said = Problem['errors']
/** `keys`: those that were found beside the path and are not known. */
type Issue = { path: readonly PropertyKey[]; message: string; keys?: readonly string[] }

export function problem(c: Context, status: number, title: string, detail: string, errors: Said = []): Response {
  const body: Problem = { type: 'about:blank', title, status, detail, errors }
  return c.body(JSON.stringify(body), status as 400, { 'content-type': 'application/problem+json' })
}

/** More than these nobody reads. */
const MOST_ISSUES = 20

/** Validation issues as the fields' paths and sentences for a person. */
export function issuesOf(error: { issues: readonly Issue[] }): Said {
  return error.issues
    .slice(0, MOST_ISSUES)
    .flatMap(({ path, message, keys }) =>
      keys
        ? keys.slice(0, MOST_ISSUES).map((key) => ({ path: [...path, key].map(String).join('.'), message: UNKNOWN }))
        : [{ path: path.map(String).join('.'), message }],
    )
    .slice(0, MOST_ISSUES)
}

export function invalid(c: Context, errors: Said): Response {
  const first = errors[0]
  const detail = first ? `${first.path ? `${first.path}: ` : ''}${first.message}` : t('something-in-it-cant-be')
  return problem(c, 422, t('it-cant-be-saved-like'), detail, errors)
}

export const notJson = (c: Context): Response => problem(c, 415, t('not-json'), t('send-the-body-as-json'))

export const notJpeg = (c: Context): Response => problem(c, 415, t('not-a-jpeg'), t('send-a-photo-as-image'))

/** The one place where errors become answers. */
export function toProblem(error: unknown, c: Context): Response {
  if (error instanceof ZodError) return invalid(c, issuesOf(error))
  if (error instanceof CoreError) return invalid(c, [{ path: error.path, message: problemText(error) }])
  if (error instanceof UnknownKeys)
    return invalid(
      c,
      error.paths.map((path) => ({ path: path.join('.'), message: UNKNOWN })),
    )
  if (error instanceof Removed) return problem(c, 409, t('removed-before'), error.message)
  if (error instanceof ChangeOfRemoved) return problem(c, 410, t('removed-meanwhile'), error.message)
  if (error instanceof Unreadable) return problem(c, 409, t('it-cannot-be-read'), error.message)
  if (error instanceof NotFound) return problem(c, 404, t('not-found'), error.message)
  if (error instanceof HTTPException && error.status === 400)
    return problem(c, 400, t('it-cannot-be-read'), t('the-request-isnt-valid-json'))
  if (error instanceof HTTPException && error.status === 415) return notJson(c)
  if (error instanceof HTTPException) return problem(c, error.status, t('refused'), error.message)
  const fault = fileFaultOf(error)
  if (fault) return problem(c, fault === 'full' ? 507 : 503, ...fileFaults[fault])
  console.error(`${new Date().toISOString()} ${c.req.method} ${c.req.path} failed:`, error)
  return problem(c, 500, t('something-went-wrong'), t('something-went-wrong-and-nothing'))
}

const fileFaults: Record<FileFault, [title: string, detail: string]> = {
  busy: [t('held-elsewhere'), t('another-program-has-the-shops')],
  'read-only': [t('read-only'), t('the-shops-file-is-read')],
  damaged: [t('damaged'), t('the-shops-file-is-damaged')],
  gone: [t('gone'), t('the-shops-file-was-moved')],
  full: [t('no-room'), t('the-disk-is-full-free-3')],
}
