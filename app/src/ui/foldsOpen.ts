import { useState } from 'react'

const KEY = 'zt.folds'

/** Whether this device shows folded lines open; it keeps that for itself. */
export function foldsOpen(): boolean {
  try {
    return localStorage.getItem(KEY) === 'open'
  } catch {
    return false
  }
}

export function useFoldsOpen(): [boolean, (open: boolean) => void] {
  const [open, setOpen] = useState(foldsOpen)
  return [
    open,
    (next) => {
      setOpen(next)
      try {
        localStorage.setItem(KEY, next ? 'open' : 'closed')
      } catch {
        // Without storage folds are closed again next time.
      }
    },
  ]
}
