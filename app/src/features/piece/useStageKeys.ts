import { type StageId, stageIds } from '@thimble/contract'
import { useLayoutEffect } from 'react'

/** Digits 1-5 go to the stages and `m` marks the open one done, unless something is being typed. */
export function useStageKeys(go: (stage: StageId) => void, markDone: () => void): void {
  // With the page and not after it: a key may come as soon as there is something to see.
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const target = event.target as HTMLElement
      if (target.closest('input, textarea') || event.ctrlKey || event.metaKey || event.altKey) return
      const stage = stageIds[Number(event.key) - 1]
      if (stage) go(stage)
      else if (event.key === 'm') markDone()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [go, markDone])
}
