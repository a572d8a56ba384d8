import type { Problem } from '@thimble/contract'
import type { Change } from './outbox'

const BASE = '/api/v1'

/** The server answered that it will not take this, and why. */
export class Refused extends Error {
  readonly status: number

  constructor(problem: Pick<Problem, 'detail' | 'status'>) {
    super(problem.detail)
    this.status = problem.status
  }
}

/** The server could not be reached, or is in no state to answer. */
export class Away extends Error {}

async function ask<T>(path: string, init?: RequestInit): Promise<T> {
  let answer: Response
  try {
    answer = await fetch(`${BASE}${path}`, { ...init, signal: AbortSignal.timeout(10_000) })
  } catch {
    throw new Away('The server cannot be reached.')
  }
  if (answer.status === 204) return undefined as T
  const isProblem = answer.headers.get('content-type')?.includes('problem+json')
  const body = await answer.json().catch(() => null)
  if (answer.ok && body !== null) return body as T
  if (answer.status >= 500 || !isProblem) throw new Away(isProblem ? body.detail : 'The server cannot answer now.')
  throw new Refused(body)
}

export const read = <T>(path: string): Promise<T> => ask<T>(path)

/** A drawing goes from the device's database to the server without passing through the screen. */
async function sendDrawing(id: string): Promise<void> {
  const { status, said } = await import('@/drawings/desk')
    .then(({ atDesk }) => atDesk((d) => d.send(id)))
    .catch((error: Error) => {
      throw new Away(error.message)
    })
  if (status >= 200 && status < 300) return
  if (status === 0 || status >= 500) throw new Away(said || 'The server cannot be reached.')
  throw new Refused({ detail: said || 'The drawing was not taken.', status })
}

const METHODS = { put: 'PUT', patch: 'PATCH', delete: 'DELETE', restore: 'POST', shop: 'PATCH' } as const

export function send(change: Change): Promise<unknown> {
  if (change.kind === 'drawing') return sendDrawing(change.id)
  const method = METHODS[change.kind]
  const body =
    'body' in change ? { body: JSON.stringify(change.body), headers: { 'content-type': 'application/json' } } : {}
  if (change.kind === 'shop') return ask('/shop', { method, ...body })
  const path = `/${change.resource}/${change.id}${change.kind === 'restore' ? '/restore' : ''}`
  return ask(path, { method, ...body })
}
