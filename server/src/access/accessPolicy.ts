import { shopComputer as t } from '@thimble/language/en/shopComputer'
/** Where a request came in: at the loopback listener of this machine, or at the network listener for phones. */
export type Listener = 'loopback' | 'network'

type Asked = {
  listener: Listener
  method: string
  path: string
  /** As the request's headers have them; what a browser did not send is undefined. */
  host: string | undefined
  origin: string | undefined
  fetchSite: string | undefined
  /** Whether it shows the key of a phone that was let in. */
  paired: boolean
}

/** `pair`: nothing else is shown than the way in. */
type Refusal = { status: 401 | 403; title: string; detail: string; pair?: true }

const LOOPBACK = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/
/** All that one who is not let in may see: the pairing page, and what it is made of. */
const TO_PAIR = /^\/pair(\/|$)/
/** Phones are paired and removed at the laptop only. */
const LAPTOP_ONLY = /^\/api\/v1\/phones(\/|$)/

/**
 * Who may ask for what, from where: the one place that says so, for the app and its worker, data, events, photos and
 * downloads alike. Null: nothing stands in its way.
 *
 * @param hosts by which names the network reaches this machine, each with the listener's port
 * @example refusalOf({ listener: 'network', method: 'GET', path: '/api/v1/pieces', host: '192.168.1.5:4821', … paired: false }, hosts)?.status === 401
 */
export function refusalOf(asked: Asked, hosts: ReadonlySet<string>): Refusal | null {
  const { listener, method, path, host = '' } = asked
  // A page elsewhere that gets its name pointed at this machine must not be able to read the shop.
  const known = listener === 'loopback' ? LOOPBACK.test(host) : hosts.has(host.toLowerCase())
  if (!known) return { status: 403, title: t('page-not-found'), detail: notHere[listener] }
  if ((path.startsWith('/api/') || changes(method)) && fromElsewhere(asked))
    return { status: 403, title: t('not-from-there'), detail: t('the-shop-answers-only-its') }
  if (listener === 'loopback' || TO_PAIR.test(path)) return null
  if (!asked.paired)
    return { status: 401, title: t('not-connected'), detail: t('connect-this-phone-at-the'), pair: true }
  if (LAPTOP_ONLY.test(path))
    return {
      status: 403,
      title: t('at-the-shop-computer'),
      detail: t('phones-are-added-and-removed'),
    }
  return null
}

const notHere: Record<Listener, string> = {
  loopback: t('this-program-answers-only-on'),
  network: t('open-the-address-the-shop'),
}

export const changes = (method: string): boolean => method !== 'GET' && method !== 'HEAD' && method !== 'OPTIONS'

/** Another site, or another port of the same machine: its pages may not use the browser of who has both open. */
function fromElsewhere({ listener, fetchSite, origin, host = '' }: Asked): boolean {
  if (fetchSite && !['same-origin', 'none'].includes(fetchSite)) return true
  const own = `${listener === 'loopback' ? 'http' : 'https'}://${host.toLowerCase()}`
  return origin !== undefined && origin !== own
}
