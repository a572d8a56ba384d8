import { type StageId, stageIds } from '@thimble/contract'
import { useEffect } from 'react'

/** Digits 1-5 go to the stages and `m` marks the open one done, unless something is being typed. */
export function useStageKeys(go: (stage: StageId) => void, markDone: () => void): void {
  useEffect(() => {
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
