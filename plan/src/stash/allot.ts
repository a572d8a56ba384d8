import type { Supply, Take } from '@thimble/contract'
import type { ThreadPlan } from '../stack/threadPlan'
import { lengthOff, rollFor } from './rolls'
import type { WantedLayer } from './wants'

const THOUSANDTHS = 1000
const toTheThousandth = (value: number): number => Math.round(value * THOUSANDTHS) / THOUSANDTHS

export const take = (of: Take['of'], { id, name }: { id: string; name: string }, amount: number, factor = 1): Take => ({
  ...{ of, ofId: id, name, factor },
  amount: toTheThousandth(amount),
})

/** Of which roll each layer is cut, and how much of it. `rolls`: the one a kind is cut of, where that was said. */
export const ofRolls = (
  layers: readonly WantedLayer[],
  supplies: readonly Supply[],
  rolls: Readonly<Record<string, string>> = {},
): Take[] =>
  layers.flatMap(({ kind, size, pieces }) => {
    const picked = supplies.find(({ id, kind: its }) => its === kind && id === rolls[kind])
    const roll = picked ?? rollFor(kind, size, pieces, supplies)
    const length = roll && lengthOff(roll, size, pieces)
    return roll && length !== null ? [take('supplies.leftMm', roll, length)] : []
  })

/** Of which spool each colour is sewn; of a colour the stash has none of, of none. */
export const ofSpools = (thread: ThreadPlan | null, factor: number): Take[] =>
  (thread?.colours ?? []).flatMap(({ thread: spool, metres }) =>
    spool ? [take('threads.leftM', spool, metres, factor)] : [],
  )

/** Layers of one roll, and colours of one spool, are one take. */
export function summed(takes: readonly Take[]): Take[] {
  const byThing = new Map<string, Take>()
  for (const one of takes) {
    const key = `${one.of}/${one.ofId}`
    const known = byThing.get(key)
    byThing.set(key, known ? { ...known, amount: toTheThousandth(known.amount + one.amount) } : one)
  }
  return [...byThing.values()].filter(({ amount }) => amount !== 0)
}
