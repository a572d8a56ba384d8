import type { ClipboardEvent, ReactNode } from 'react'

/**
 * A long text that is pasted into the box in it comes in at once: left to itself a browser lays it out line by line, which of
 * a list of names takes it longer than to read it.
 */
export function PastedWhole({ onText, children }: { onText: (text: string) => void; children: ReactNode }) {
  const paste = (event: ClipboardEvent): void => {
    const box = event.target
    if (!(box instanceof HTMLTextAreaElement)) return
    event.preventDefault()
    const pasted = event.clipboardData.getData('text')
    const { value, selectionStart: from, selectionEnd: to } = box
    // What is typed in stands in the box until the cursor leaves it.
    box.blur()
    onText(value.slice(0, from) + pasted + value.slice(to))
    requestAnimationFrame(() => {
      box.focus()
      box.setSelectionRange(from + pasted.length, from + pasted.length)
    })
  }
  return <div onPasteCapture={paste}>{children}</div>
}
