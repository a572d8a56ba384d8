import { useEffect, useRef } from 'react'
import type { FieldValues, UseFormReturn } from 'react-hook-form'

/** Calls back with each value a hand puts in, and with the name of its field. */
export function useEachValue<Texts extends FieldValues, Doc extends FieldValues>(
  { subscribe }: Pick<UseFormReturn<Texts, unknown, Doc>, 'subscribe'>,
  onValue: (values: Texts, name: string) => void,
): void {
  const latest = useRef(onValue)
  useEffect(() => {
    latest.current = onValue
  })
  useEffect(
    () =>
      subscribe({
        formState: { values: true },
        callback: ({ values, name }) => {
          if (name) latest.current(values, name)
        },
      }),
    [subscribe],
  )
}
