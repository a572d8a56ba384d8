import { problemText } from '@thimble/language'
import { useState } from 'react'

/** Something that takes a moment and may fail: whether it is under way, and the sentence it failed with. */
export function useTask() {
  const [busy, setBusy] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const run = async (work: () => Promise<unknown>): Promise<boolean> => {
    setBusy(true)
    try {
      await work()
      setProblem(null)
      return true
    } catch (error) {
      setProblem(problemText(error as Error))
      return false
    } finally {
      setBusy(false)
    }
  }
  return { busy, problem, run }
}
