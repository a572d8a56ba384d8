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
  const detail = first ? `${first.path ? `${first.path}: ` : ''}${first.message}` : 'Something in it can’t be saved.'
  return problem(c, 422, 'It can’t be saved like this', detail, errors)
}

export const notJson = (c: Context): Response =>
  problem(c, 415, 'Not JSON', 'Send the body as JSON, with content-type: application/json.')

export const notJpeg = (c: Context): Response => problem(c, 415, 'Not a JPEG', 'Send a photo as image/jpeg.')

/** The one place where errors become answers. */
export function toProblem(error: unknown, c: Context): Response {
  if (error instanceof ZodError) return invalid(c, issuesOf(error))
  if (error instanceof CoreError) return invalid(c, [{ path: error.path, message: error.message }])
  if (error instanceof UnknownKeys)
    return invalid(
      c,
      error.paths.map((path) => ({ path: path.join('.'), message: UNKNOWN })),
    )
  if (error instanceof Removed) return problem(c, 409, 'Removed before', error.message)
  if (error instanceof ChangeOfRemoved) return problem(c, 410, 'Removed meanwhile', error.message)
  if (error instanceof Unreadable) return problem(c, 409, 'It cannot be read', error.message)
  if (error instanceof NotFound) return problem(c, 404, 'Not found', error.message)
  if (error instanceof HTTPException && error.status === 400)
    return problem(c, 400, 'It cannot be read', 'The request isn’t valid JSON. Send it again.')
  if (error instanceof HTTPException && error.status === 415) return notJson(c)
  if (error instanceof HTTPException) return problem(c, error.status, 'Refused', error.message)
  const fault = fileFaultOf(error)
  if (fault) return problem(c, fault === 'full' ? 507 : 503, ...fileFaults[fault])
  console.error(`${new Date().toISOString()} ${c.req.method} ${c.req.path} failed:`, error)
  return problem(c, 500, 'Something went wrong', 'Something went wrong and nothing was changed. Try again.')
}

const fileFaults: Record<FileFault, [title: string, detail: string]> = {
  busy: ['Held elsewhere', 'Another program has the shop’s file open. Close it there.'],
  'read-only': ['Read only', 'The shop’s file is read-only. Allow the program to write it.'],
  damaged: ['Damaged', 'The shop’s file is damaged. Stop the program, put a backup in its place and start again.'],
  gone: ['Gone', 'The shop’s file was moved or replaced. Stop the program and start it again.'],
  full: ['No room', 'The disk is full. Free some space.'],
}
