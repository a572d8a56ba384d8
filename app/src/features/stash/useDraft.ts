import { useState } from 'react'
import type { ZodType } from 'zod'

/**
 * A form's typed texts and its problems. Nothing is kept until the whole can be read; what was typed stays either way.
 * The draft survives a reload or a crash in the device's storage, until it is kept.
 */
export function useDraft<Texts extends Record<string, string>>(key: string, initial: Texts) {
  const slot = `zt.draft.${key}`
  const [texts, setTexts] = useState<Texts>(() => {
    const kept = localStorage.getItem(slot)
    return kept ? { ...initial, ...JSON.parse(kept) } : initial
  })
  const [problems, setProblems] = useState<Partial<Record<string, string>>>({})
  const type = (field: keyof Texts, text: string): void => {
    const next = { ...texts, [field]: text }
    setTexts(next)
    setProblems({ ...problems, [field]: undefined })
    try {
      localStorage.setItem(slot, JSON.stringify(next))
    } catch {
      // Without room the draft lives on the screen alone.
    }
  }
  /** The document when it can be kept; otherwise null, with a sentence beside each field that is wrong. */
  const check = <Doc>(
    schema: ZodType<Doc>,
    doc: unknown,
    unread: Partial<Record<string, string>>,
    fieldOf: (path: string) => string,
  ): Doc | null => {
    const found = schema.safeParse(doc)
    const said: Partial<Record<string, string>> = {}
    if (!found.success)
      for (const issue of found.error.issues) said[fieldOf(issue.path.map(String).join('.'))] ??= issue.message
    const all = { ...said, ...unread }
    setProblems(all)
    return found.success && Object.values(unread).every((text) => !text) ? found.data : null
  }
  const forget = (): void => localStorage.removeItem(slot)
  return { texts, problems, type, check, forget }
}
