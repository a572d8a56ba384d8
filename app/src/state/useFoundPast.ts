import type { LogFound, LogRow } from '@thimble/contract/log'
import { useEffect, useState } from 'react'
import { ask } from '@/http/client'

const PAUSE_MS = 200
const MOST = 20

/** Finished pieces by words of their name or customer, of the whole log, which this device need not hold. */
export function useFoundPast(words: string): readonly LogRow[] {
  const [found, setFound] = useState<{ words: string; rows: readonly LogRow[] }>({ words: '', rows: [] })
  useEffect(() => {
    if (!words) return
    let stale = false
    const timer = setTimeout(() => {
      ask<LogFound>(`/log/found?limit=${MOST}&words=${encodeURIComponent(words)}`).then(
        ({ rows }) => stale || setFound({ words, rows }),
        () => undefined,
      )
    }, PAUSE_MS)
    return () => {
      stale = true
      clearTimeout(timer)
    }
  }, [words])
  return found.words === words ? found.rows : []
}
