import type { Message } from './messages/message'

export type Severity = 'note' | 'caution' | 'stop'

/** A sentence for the worker: a note to know, a caution to heed, or a stop. */
export type Advice = { code: string; severity: Severity; said: Message }

export const note = (code: string, said: Message): Advice => ({ code, severity: 'note', said })
export const caution = (code: string, said: Message): Advice => ({ code, severity: 'caution', said })
export const stop = (code: string, said: Message): Advice => ({ code, severity: 'stop', said })

/** Advice as it is kept. */
export type StoredAdvice = { severity: Severity; said: Message }

/** Advice from what was kept of it; its code is the sentence's id behind the dot. */
export const adviceOf = ({ severity, said }: StoredAdvice): Advice => ({
  ...{ severity, said },
  code: said[0].replace(/^[^.]*\./, ''),
})

export const storeAdvice = (advice: readonly Advice[]): StoredAdvice[] =>
  advice.map(({ severity, said }) => ({ severity, said }))
