import { problemText } from '@thimble/language'
import type { NameSetting } from '@thimble/contract'
import { useEffect, useState } from 'react'
import { fitAt, type Fitted } from './setNames'

const NOTHING: Fitted & { problem: string | null } = { fitted: [], advice: [], problem: null }

/** Names as they come out; worked out again as they or their setting change. */
export function useFitted(setting: NameSetting, names: readonly string[]): typeof NOTHING {
  const [state, setState] = useState(NOTHING)
  useEffect(() => {
    let gone = false
    fitAt({ setting, names: [...names] }).then(
      (found) => gone || setState({ ...found, problem: null }),
      (error: Error) => gone || setState({ ...NOTHING, problem: problemText(error) }),
    )
    return () => {
      gone = true
    }
  }, [setting, names])
  return state
}
