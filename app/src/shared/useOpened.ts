import { problemText } from '@thimble/language'
import type { DesignCard } from '@thimble/contract'
import { useEffect, useState } from 'react'
import type { OpenedDesign } from '@/workers/designWorker'
import { inDesignWorker } from '@/workers/designClient'

type Opened = { opened: OpenedDesign | null; problem: string | null }

export const editsOf = ({ change, order, colours }: DesignCard) => ({ change, order, colours })

/** A design as it is stitched, worked out by the worker; the last one stays while the next is made. */
/** @param own what a piece does to it after that */
export function useOpened(design: DesignCard | null, own: DesignCard['change'] | null = null): Opened {
  const [state, setState] = useState<Opened>({ opened: null, problem: null })
  const source = design?.source ?? 'size'
  const key = JSON.stringify(design && [design.id, editsOf(design), own])
  useEffect(() => {
    if (!design || source === 'size') return
    let gone = false
    inDesignWorker((d) => d.open(design.id, { ...editsOf(design), own })).then(
      (opened) => gone || setState({ opened, problem: null }),
      (error: Error) => gone || setState((last) => ({ ...last, problem: problemText(error) })),
    )
    return () => {
      gone = true
    }
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for all of them
  }, [key, source])
  return state
}
