import type { DesignCard } from '@thimble/contract'
import { useEffect, useState } from 'react'
import type { OpenedDesign } from '@/workers/designWorker'
import { atDesk } from '@/workers/desk'

type Opened = { opened: OpenedDesign | null; problem: string | null }

export const editsOf = ({ change, order, colours }: DesignCard) => ({ change, order, colours })

/** A design as it is stitched, worked out by the worker; the last one stays while the next is made. */
export function useOpened(design: DesignCard): Opened {
  const [state, setState] = useState<Opened>({ opened: null, problem: null })
  const { id, change, order, colours, source } = design
  const key = JSON.stringify([id, change, order, colours])
  useEffect(() => {
    if (source === 'size') return
    let gone = false
    atDesk((d) => d.open(id, { change, order, colours })).then(
      (opened) => gone || setState({ opened, problem: null }),
      (error: Error) => gone || setState((last) => ({ ...last, problem: error.message })),
    )
    return () => {
      gone = true
    }
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for all of them
  }, [key, source])
  return state
}
