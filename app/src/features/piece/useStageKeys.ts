import { type StageId, stageIds } from '@thimble/contract'
import { useMemo } from 'react'
import { useKeys } from '@/ui/useKeys'

/** Digits 1 to 5 go to the stages. */
export function useStageKeys(go: (stage: StageId) => void): void {
  useKeys(useMemo(() => Object.fromEntries(stageIds.map((stage, i) => [String(i + 1), () => go(stage)])), [go]))
}
