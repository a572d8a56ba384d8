import type { Said } from './words/said'
import { writeSaid } from './words/writeSaid'

export type Severity = 'note' | 'caution' | 'stop'

/** A sentence for the worker: a note to know, a caution to heed, or a stop; `said` where it may be kept. */
export type Advice = { code: string; text: string; severity: Severity; said?: Said }

export const note = (code: string, text: string): Advice => ({ code, text, severity: 'note' })
export const caution = (code: string, text: string): Advice => ({ code, text, severity: 'caution' })
export const stop = (code: string, text: string): Advice => ({ code, text, severity: 'stop' })

/** Advice as it is kept: its sentence as data. */
export type KeptAdvice = { severity: Severity; said: Said }

/** Advice from a sentence of the phrase book; its code is the sentence's id behind the dot. */
export function adviceOf({ severity, said }: KeptAdvice): Advice {
  return { code: said[0].replace(/^[^.]*\./, ''), text: writeSaid(said), severity, said }
}

/** What of some advice can be kept. */
export const keepAdvice = (advice: readonly Advice[]): KeptAdvice[] =>
  advice.flatMap(({ severity, said }) => (said ? [{ severity, said }] : []))
