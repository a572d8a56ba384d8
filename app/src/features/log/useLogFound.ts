import { faultNames } from '@thimble/language'
import type { LogFound, LogRow } from '@thimble/contract/log'
import { useCallback, useEffect, useRef, useState } from 'react'
import { ask } from '@/http/client'
import { useLog } from '@/shared/useLog'
import { layersText } from '@/words/stackWords'
import { type LogQuery, searchOf } from './logQuery'

const PAGE = 60
const PAUSE_MS = 100

/** `away`: the server did not answer, and only what this device holds was looked through. */
export type Found = Omit<LogFound, 'counts'> & {
  counts: LogFound['counts'] | null
  away: boolean
  told: boolean
  more: () => void
}

type Answer = Pick<LogFound, 'total' | 'rows' | 'counts'> & { search: string }

/**
 * The log as it is asked for, a page after the other as the list nears its end; asked again as something is recorded.
 * What was found before stays until the next is there.
 */
export function useLogFound(query: LogQuery): Found {
  const onDevice = useLog()
  const search = usePaused(searchOf(query))
  const [answer, setAnswer] = useState<Answer | null>(null)
  const [away, setAway] = useState(false)
  const asking = useRef('')

  useEffect(() => {
    let stale = false
    asking.current = ''
    ask<LogFound>(`/log/found?limit=${PAGE}&${search}`).then(
      (found) => {
        if (stale) return
        setAnswer({ ...found, search })
        setAway(false)
      },
      () => stale || setAway(true),
    )
    return () => {
      stale = true
    }
    // A piece that was recorded meanwhile is among them.
  }, [search, onDevice])

  const more = useCallback(() => {
    if (!answer || answer.rows.length >= answer.total) return
    const at = `${answer.search} ${answer.rows.length}`
    if (asking.current === at) return
    asking.current = at
    ask<LogFound>(`/log/found?limit=${PAGE}&offset=${answer.rows.length}&${answer.search}`).then(
      ({ rows }) =>
        setAnswer((known) =>
          known && asking.current === at ? { ...known, rows: [...known.rows, ...fresh(known.rows, rows)] } : known,
        ),
      () => {
        asking.current = ''
      },
    )
  }, [answer])

  if (away || !answer) {
    const rows = onDevice.filter((row) => matches(row, query))
    return { rows, total: rows.length, counts: null, away, told: away, more }
  }
  return { ...answer, away, told: true, more }
}

/** As it is once the hand that types pauses. */
function usePaused(live: string): string {
  const [paused, setPaused] = useState(live)
  useEffect(() => {
    const timer = setTimeout(() => setPaused(live), PAUSE_MS)
    return () => clearTimeout(timer)
  }, [live])
  return paused
}

/** A row that moved on meanwhile is not there twice. */
function fresh(known: readonly LogRow[], rows: readonly LogRow[]): LogRow[] {
  const ids = new Set(known.map(({ pieceId }) => pieceId))
  return rows.filter(({ pieceId }) => !ids.has(pieceId))
}

function matches(row: LogRow, { words, picked }: LogQuery): boolean {
  const { name, customer, note, faults, cloth, holding, verdict, washed } = row
  const text = [name, customer, layersText(row.layers), note, ...faults.map((f) => faultNames[f])].join(' ')
  const has = {
    cloth: [cloth],
    holding: [holding],
    verdict: [verdict],
    washed: [washed],
    fault: faults,
    customer: [customer],
  }
  return (
    words
      .toLowerCase()
      .split(/\s+/)
      .every((word) => text.toLowerCase().includes(word)) &&
    Object.entries(has).every(([kind, values]) => {
      const wanted: readonly unknown[] = picked[kind as keyof typeof has] ?? []
      return wanted.length === 0 || values.some((value) => wanted.includes(value))
    })
  )
}
