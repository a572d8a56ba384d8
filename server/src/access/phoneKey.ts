import type { Context } from 'hono'
import { deleteCookie, getCookie, setCookie } from 'hono/cookie'

/** As long as browsers keep one; each visit begins it again. */
const KEY_SECONDS = 400 * 86_400
const ASKING_SECONDS = 300
/** For this host alone, for no script, never in the clear, and never for a page of another site. */
const strict = { path: '/', httpOnly: true, secure: true, sameSite: 'Strict', prefix: 'host' } as const
const [KEY, ASKING] = ['thimble', 'thimble-asking']

/** The key a phone shows with all it asks. */
export const phoneKey = (c: Context): string | undefined => getCookie(c, KEY, 'host')

export function giveKey(c: Context, key: string): void {
  deleteCookie(c, ASKING, strict)
  setCookie(c, KEY, key, { ...strict, maxAge: KEY_SECONDS })
}

export const showKeyAgain = (c: Context, key: string): void =>
  setCookie(c, KEY, key, { ...strict, maxAge: KEY_SECONDS })

/** By what one that waits at the door is told from others. */
export const askingToken = (c: Context): string | undefined => getCookie(c, ASKING, 'host')

export const giveAskingToken = (c: Context, token: string): void =>
  setCookie(c, ASKING, token, { ...strict, maxAge: ASKING_SECONDS })
