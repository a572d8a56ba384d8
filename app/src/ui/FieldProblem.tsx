import { useEffect, useState } from 'react'
import { useUnits } from './useUnits'
import { Text } from './Text'

/** A hand at rest, in milliseconds. */
const PAUSE_MS = 900

/** The sentence beside a field that cannot be taken as it is: seen at once, read out when the hand pauses. */
export function FieldProblem({ id, children }: { id: string; children: string }) {
  const inUnits = useUnits()
  const [rested, setRested] = useState('')
  useEffect(() => {
    const timer = setTimeout(() => setRested(children), PAUSE_MS)
    return () => clearTimeout(timer)
  }, [children])
  return (
    <Text
      nativeID={id}
      role="alert"
      aria-busy={rested !== children}
      tone="madder"
      style={{ fontSize: 15, lineHeight: 20, marginTop: 2 }}
    >
      {inUnits(children)}
    </Text>
  )
}
