/* The way in for a phone. It stands before the program, so it is a plain page of its own: one who is not let in gets nothing else. */
import type { PairAnswer, ShopTrust } from '@thimble/contract/phones'

const ASK_AGAIN_MS = 1000

const part = <T extends HTMLElement = HTMLElement>(id: string): T => document.getElementById(id) as T
const form = document.forms[0]!
const [code, name] = [part<HTMLInputElement>('code'), part<HTMLInputElement>('name')]

function show(id: 'ask' | 'waiting' | 'in'): void {
  for (const one of ['ask', 'waiting', 'in']) part(one).hidden = one !== id
}

type Answer = Partial<PairAnswer> & { detail?: string; errors?: { path: string; message: string }[] }

async function post(where: string, body?: object): Promise<Answer> {
  const sent = body ? { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } } : {}
  const answer = await fetch(where, { method: 'POST', ...sent })
  return (await answer.json()) as Answer
}

async function ask(): Promise<void> {
  const button = form.querySelector('button')!
  button.disabled = true
  part('code-problem').textContent = part('name-problem').textContent = ''
  try {
    const typed = code.value.replace(/[^A-Za-z0-9]/g, '')
    const { state, errors = [], detail } = await post('/pair/ask', { code: typed, name: name.value })
    if (state) return void wait(name.value.trim())
    const [first] = errors
    part(first?.path === 'name' ? 'name-problem' : 'code-problem').textContent = first?.message ?? detail ?? ''
  } catch {
    part('code-problem').textContent = AWAY
  } finally {
    button.disabled = false
  }
}
const AWAY = 'The laptop does not answer: is the phone in the shop’s network?'

/** Asks on until the laptop has had its say. */
async function wait(called: string): Promise<void> {
  part('called').textContent = called
  show('waiting')
  for (;;) {
    await new Promise((resolve) => setTimeout(resolve, ASK_AGAIN_MS))
    const { state } = await post('/pair/come-in').catch((): Answer => ({}))
    part('away').textContent = state ? '' : AWAY
    if (state === 'in') return void enter()
    if (state === 'no' || state === 'gone') {
      part('code-problem').textContent =
        state === 'no' ? 'The laptop said no.' : 'Nobody said yes in time: ask the laptop for new signs.'
      code.value = ''
      return show('ask')
    }
  }
}

/** In: straight to the bench where the certificate is trusted, else with how that is done. */
async function enter(): Promise<void> {
  const trusted = await keepsProgram()
  if (trusted && location.hash !== '#trust') return location.replace('/')
  part('is-trusted').hidden = !trusted
  part('trust').hidden = trusted
  // Browsers of the one kind of phone have this, and those of the other not.
  part<HTMLDetailsElement>('standalone' in navigator ? 'general' : 'security').open = true
  show('in')
  const { fingerprint } = (await (await fetch('/pair/trust.json')).json()) as ShopTrust
  part('fingerprint').textContent = fingerprint.replace(/:/g, '').replace(/(.{4})(?=.)/g, '$1 ')
}

/** A browser keeps the program only from a place whose certificate it trusts. */
const keepsProgram = (): Promise<boolean> =>
  navigator.serviceWorker?.register('/sw.js').then(
    () => true,
    () => false,
  ) ?? Promise.resolve(false)

/** The code that came with the address; it is not to stay in the history. */
function takeCode(): void {
  const signs = location.hash.slice(1)
  if (!/^[A-Za-z0-9]{6}$/.test(signs)) return
  code.value = signs.toUpperCase()
  history.replaceState(null, '', location.pathname)
}

async function start(): Promise<void> {
  takeCode()
  // A new code is scanned while the page of the last one is still open.
  addEventListener('hashchange', takeCode)
  form.addEventListener('submit', (event) => {
    event.preventDefault()
    void ask()
  })
  const { state } = await post('/pair/come-in').catch((): Answer => ({}))
  if (state === 'in') await enter()
  else if (state === 'waiting') await wait(name.value)
}

void start()
