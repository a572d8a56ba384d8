import { useState } from 'react'

type List<Part> = { parts: readonly Part[]; remove: (at: number) => void; insert: (at: number, part: Part) => void }

/** Parts of a form that can be taken off: the last one taken can be put back where it was. */
export function useTakeOff<Part>({ parts, remove, insert }: List<Part>) {
  const [gone, setGone] = useState<{ at: number; part: Part } | null>(null)
  const takeOff = (at: number): void => {
    setGone({ at, part: parts[at]! })
    remove(at)
  }
  const putBack = (): void => {
    if (gone) insert(gone.at, gone.part)
    setGone(null)
  }
  return { takeOff, putBack: gone ? putBack : null }
}
