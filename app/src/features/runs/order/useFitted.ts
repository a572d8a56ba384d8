import type { NameSetting } from '@thimble/contract'
import { useEffect, useState } from 'react'
import { fitAt, type NameOut } from './setNames'

/** Names as they come out; worked out anew as they or their setting change. */
export function useFitted(
  setting: NameSetting,
  names: readonly string[],
): { fitted: NameOut[]; problem: string | null } {
  const [state, setState] = useState<{ fitted: NameOut[]; problem: string | null }>({ fitted: [], problem: null })
  useEffect(() => {
    let gone = false
    fitAt({ setting, names: [...names] }).then(
      (fitted) => gone || setState({ fitted, problem: null }),
      (error: Error) => gone || setState({ fitted: [], problem: error.message }),
    )
    return () => {
      gone = true
    }
  }, [setting, names])
  return state
}
