import type { Message } from './messages/message'
import { writeMessage } from './messages/writeMessage'

export type Severity = 'note' | 'caution' | 'stop'

/** A sentence for the worker: a note to know, a caution to heed, or a stop; `said` where it may be kept. */
export type Advice = { code: string; text: string; severity: Severity; said?: Message }

export const note = (code: string, text: string): Advice => ({ code, text, severity: 'note' })
export const caution = (code: string, text: string): Advice => ({ code, text, severity: 'caution' })
export const stop = (code: string, text: string): Advice => ({ code, text, severity: 'stop' })

/** Advice as it is kept: its sentence as data. */
export type StoredAdvice = { severity: Severity; said: Message }

/** Advice from a sentence of the phrase book; its code is the sentence's id behind the dot. */
export function adviceOf({ severity, said }: StoredAdvice): Advice {
  return { code: said[0].replace(/^[^.]*\./, ''), text: writeMessage(said), severity, said }
}

/** What of some advice can be kept. */
export const storeAdvice = (advice: readonly Advice[]): StoredAdvice[] =>
  advice.flatMap(({ severity, said }) => (said ? [{ severity, said }] : []))
