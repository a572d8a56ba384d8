import { orders as t } from '@thimble/language/en/orders'
import { columnsNamed } from '@thimble/plan/orders'
import { useEffect, useState } from 'react'
import type { TableLine } from '@/shared/table'

const AWAY = t('cant-reach-the-shop-computer-2')

/** A pasted list as lines of cells; none while it is split. */
export function useTable(text: string): { lines: readonly TableLine[] | null; problem: string | null } {
  const [state, setState] = useState<{ of: string; lines: TableLine[] | null; problem: string | null }>({
    ...{ of: '', lines: [], problem: null },
  })
  useEffect(() => {
    let gone = false
    import('@/shared/table').then(
      ({ tables }) => gone || setState({ of: text, lines: tables.splitTable(text), problem: null }),
      () => gone || setState({ of: text, lines: null, problem: AWAY }),
    )
    return () => {
      gone = true
    }
  }, [text])
  return state.of === text ? state : { lines: null, problem: null }
}

/** What of a list is not taken in, as it was written: its bad lines, under the line that names the columns if there is one. */
export function leftOver(lines: readonly TableLine[], bad: readonly number[]): string {
  const kept = lines.filter(({ line }) => bad.includes(line))
  const head = lines.find(({ cells }) => cells.some((cell) => cell.trim() !== ''))
  const withHead =
    kept.length > 0 && head && columnsNamed(head.cells.map((cell) => cell.trim())) ? [head, ...kept] : kept
  return withHead.map(({ written }) => written).join('\n')
}

/** A file as text: UTF-8, else as office programs of the West write it. */
export async function textOf(file: File): Promise<string> {
  const bytes = await file.arrayBuffer()
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
}
