import type { NameSetting } from '@thimble/contract'
import { useEffect, useState } from 'react'
import { inDesignWorker } from '@/workers/designClient'
import type { SetName } from '@/workers/designWorker'
import { fontOf, type NameOut } from './setNames'

type Drawn = ReadonlyMap<string, SetName['design']>

/** Names as they are drawn, by their design's id; one after another as they come. */
export function useDrawnNames(names: readonly NameOut[], { face, colour }: NameSetting): Drawn {
  const [drawn, setDrawn] = useState<Drawn>(new Map())
  const wanted = JSON.stringify(
    names.map(({ design, name, letterHeight, spacing }) => ({ design, name, letterHeight, spacing })),
  )
  useEffect(() => {
    let gone = false
    const draw = async (): Promise<void> => {
      for (const { design, name, letterHeight, spacing } of JSON.parse(wanted) as NameOut[]) {
        const set = await inDesignWorker((desk) =>
          desk.name({ text: name, letterHeight, spacing, colour }, fontOf(face)),
        )
        if (gone) return
        setDrawn((before) => new Map(before).set(design, set.design))
      }
    }
    void draw().catch(() => undefined)
    return () => {
      gone = true
    }
  }, [wanted, face, colour])
  return drawn
}
