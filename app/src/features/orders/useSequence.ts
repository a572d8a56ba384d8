import { useMemo, useState } from 'react'
import { patch } from '@/sync/changes'
import { deviceStorage } from '@/state/deviceStorage'
import { useDocuments } from '@/state/store'
import { ORDER } from './batchesOf'

type Sequence = readonly string[] | null
const slotOf = (key: string): string => `zt.sequence.${key}`

/** How a hand put a run's pieces in order: of an order it is kept with it; of another run on this device. Null: as worked out. */
export function useSequence(key: string): [Sequence, (sequence: Sequence) => void] {
  const order = key.startsWith(ORDER) ? key.slice(ORDER.length) : null
  const kept = useDocuments((s) => (order ? (s.docs.orders[order]?.sequence ?? null) : null))
  const [here, setHere] = useState(() => readHere(key))
  const set = useMemo(
    () =>
      (sequence: Sequence): void => {
        if (order) return patch('orders', order, { sequence: sequence && [...sequence] })
        setHere(sequence)
        keepHere(key, sequence)
      },
    [order, key],
  )
  return [order ? kept : here, set]
}

function readHere(key: string): Sequence {
  try {
    const found: unknown = JSON.parse(deviceStorage.getItem(slotOf(key)) ?? 'null')
    return Array.isArray(found) ? found.filter((id): id is string => typeof id === 'string') : null
  } catch {
    return null
  }
}

function keepHere(key: string, sequence: Sequence): void {
  try {
    if (sequence) deviceStorage.setItem(slotOf(key), JSON.stringify(sequence))
    else deviceStorage.removeItem(slotOf(key))
  } catch {
    // Without room it lives on the screen alone.
  }
}
