/** A sentence for the worker: a note to know, a caution to heed, or a stop. */
export type Advice = { code: string; text: string; severity: 'note' | 'caution' | 'stop' }

export const note = (code: string, text: string): Advice => ({ code, text, severity: 'note' })
export const caution = (code: string, text: string): Advice => ({ code, text, severity: 'caution' })
export const stop = (code: string, text: string): Advice => ({ code, text, severity: 'stop' })
