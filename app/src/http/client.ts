import { program as t } from '@thimble/language/en/program'
import { DEVICE_TIME } from '@thimble/contract/deviceTime'
import type { Problem } from '@thimble/contract/answers'

const BASE = '/api/v1'
const PATIENCE_MS = 10_000

/** The server answered that it will not take this, and why. */
export class Refused extends Error {
  readonly status: number
  /** Why, without the path of the field. */
  readonly says: string

  constructor({ detail, status, errors = [] }: Pick<Problem, 'detail' | 'status'> & Partial<Pick<Problem, 'errors'>>) {
    super(detail)
    this.status = status
    this.says = errors[0]?.message ?? detail
  }
}

/**
 * The server could not be reached, or is in no state to answer; `trouble`: what it says itself of its state. `out`: it does
 * not know this phone any more.
 */
export class Away extends Error {
  constructor(
    message: string,
    readonly trouble: string | null = null,
    readonly out = false,
  ) {
    super(message)
  }
}

/** For a file, and for what is much at once. */
const FILE_PATIENCE_MS = 600_000
const MUCH_PATIENCE_MS = 60_000

/** `text`, `file`: a body that is JSON already, or a file that is a zip by its name; `photo`: one that is a JPEG. */
type Asked = {
  method?: 'GET' | 'PUT' | 'PATCH' | 'POST' | 'DELETE'
  body?: object
  text?: string
  file?: File
  photo?: Blob
  /** It takes its time. */
  much?: boolean
}

/**
 * Asks the server; the one way to it, for screens and workers alike.
 *
 * @throws Refused with the server's own words, Away when there is no answer that can be relied on
 */
export async function ask<T>(path: string, asked: Asked = {}): Promise<T> {
  const answer = await reach(path, asked)
  if (answer.status === 204) return undefined as T
  const isProblem = answer.headers.get('content-type')?.includes('problem+json')
  const said = await answer.json().catch(() => null)
  if (answer.ok && said !== null) return said as T
  if (answer.status === 401) throw new Away(t('this-phone-isnt-connected'), null, true)
  if (answer.status >= 500 && isProblem) throw new Away(said.detail, said.detail)
  if (answer.status >= 500 || !isProblem) throw new Away(t('the-shop-computer-cant-answer'))
  throw new Refused(said)
}

async function reach(path: string, { method = 'GET', body, text, file, photo, much }: Asked): Promise<Response> {
  const content = photo ?? file ?? text ?? (body && JSON.stringify(body))
  const type = photo ? 'image/jpeg' : file?.name.endsWith('.zip') ? 'application/zip' : 'application/json'
  const at = { [DEVICE_TIME]: new Date().toISOString() }
  const sent = content === undefined ? {} : { body: content, headers: { 'content-type': type, ...at } }
  const signal = AbortSignal.timeout(file ? FILE_PATIENCE_MS : much ? MUCH_PATIENCE_MS : PATIENCE_MS)
  try {
    return await fetch(`${BASE}${path}`, { method, ...sent, signal })
  } catch {
    throw new Away(t('cant-reach-the-shop-computer'))
  }
}
