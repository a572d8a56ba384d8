import { problemText } from '@thimble/language'
import type { DesignCard } from '@thimble/contract'
import { useRef, useState } from 'react'
import { createWithDesign, create } from '@/sync/changes'
import { cardOf } from './cardOf'
import { inDesignWorker } from '@/workers/designClient'
import { nanoid } from 'nanoid'

export type IntakeLine = {
  key: string
  name: string
  state: 'waiting' | 'reading' | 'in' | 'refused'
  /** Why it was refused. */
  reason?: string
  design?: DesignCard
  /** A white page lies behind, and the file can be read again without it. */
  whitePage?: boolean
}

const MOST_BYTES = 10_000_000

/** Files on their way onto the shelf, one after another; those that cannot be read say why and the rest come in. */
export function useIntake() {
  const [lines, setLines] = useState<IntakeLine[]>([])
  const queue = useRef<{ key: string; file: File }[]>([])
  const files = useRef(new Map<string, File>())
  const busy = useRef(false)
  const set = (key: string, over: Partial<IntakeLine>): void =>
    setLines((all) => all.map((line) => (line.key === key ? { ...line, ...over } : line)))

  const readOne = async (key: string, file: File): Promise<void> => {
    set(key, { state: 'reading' })
    try {
      if (file.size > MOST_BYTES) throw new Error(`${Math.round(file.size / 1e6)} MB is too large. The limit is 10 MB.`)
      const id = nanoid()
      const design = cardOf(id, await inDesignWorker((d) => d.read(file, id, false)))
      if (design.source === 'size') create('designs', design)
      else createWithDesign(design)
      const whitePage = design.summary?.warnings.some((w) => w.said[0] === 'design.white-page')
      set(key, { state: 'in', design, whitePage })
    } catch (error) {
      set(key, { state: 'refused', reason: problemText(error as Error) })
    }
  }
  const run = async (): Promise<void> => {
    if (busy.current) return
    busy.current = true
    for (let next = queue.current.shift(); next; next = queue.current.shift()) await readOne(next.key, next.file)
    busy.current = false
  }
  const take = (list: readonly File[]): void => {
    const fresh = list.map((file) => ({ key: nanoid(), file }))
    for (const { key, file } of fresh) files.current.set(key, file)
    setLines((all) => [...all, ...fresh.map(({ key, file }) => ({ key, name: file.name, state: 'waiting' as const }))])
    queue.current.push(...fresh)
    void run()
  }
  /** Reads the file again without the white page behind it, as a design of its own. */
  const withoutPage = async (line: IntakeLine): Promise<DesignCard | null> => {
    const file = files.current.get(line.key)
    if (!file) return null
    try {
      const id = nanoid()
      const design = cardOf(id, await inDesignWorker((d) => d.read(file, id, true)))
      createWithDesign(design)
      set(line.key, { design, whitePage: false })
      return design
    } catch (error) {
      set(line.key, { whitePage: false, reason: problemText(error as Error) })
      return null
    }
  }
  return { lines, take, withoutPage }
}
