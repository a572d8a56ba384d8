import type { Kind, Lie, Roll } from './cutQuery'
import { narrowest, type OnRoll, SLACK, type Strip } from './strip'

/** What is found of a set of pieces: how many are left out, and the length that the others take. */
type Best = { short: number; length: number; on: number; before: Best | null }

/**
 * The best of all plans for a dozen pieces at the most: every way to part them into strips, and the strips among the rolls. Fewest
 * left out, then least length, then as much as can be on the rolls named first.
 */
export function leastStrips(kinds: readonly Kind[], rolls: readonly Roll[]): OnRoll[] {
  const pieces = kinds.flatMap((kind, k) => Array.from({ length: kind.count }, () => k))
  const all = (1 << pieces.length) - 1
  const plans = rolls.map((roll) => stripsOfSets(kinds, pieces, roll))
  // From the last roll back: what it is best to leave to the rolls from there on.
  let onward: Best[] = Array.from({ length: all + 1 }, (_, set) => ({
    short: bits(set),
    length: 0,
    on: 0,
    before: null,
  }))
  for (let r = rolls.length - 1; r >= 0; r--) {
    const { lengths } = plans[r]!
    const later = onward
    onward = later.map((_, set) => {
      let best: Best | null = null
      for (let own = set; ; own = (own - 1) & set) {
        if (lengths[own]! <= rolls[r]!.length + SLACK) {
          const before = later[set & ~own]!
          const found = { short: before.short, length: before.length + lengths[own]!, on: own, before }
          if (!best || isBetter(found, best)) best = found
        }
        if (own === 0) return best!
      }
    })
  }
  let at: Best | null = onward[all]!
  return rolls.flatMap((_, r) => {
    const { on } = at!
    at = at!.before
    return on === 0 ? [] : [{ roll: r, strips: plans[r]!.stripsOf(on), length: plans[r]!.lengths[on]! }]
  })
}

/** Sets are tried from the fullest down, so that of equals the first has most on this roll. */
const isBetter = (a: Best, b: Best): boolean => (a.short !== b.short ? a.short < b.short : a.length < b.length - SLACK)

function bits(set: number): number {
  let n = 0
  for (let left = set; left; left &= left - 1) n++
  return n
}

/** The least length of a roll for every set of pieces, and the strips it is made of. */
function stripsOfSets(kinds: readonly Kind[], pieces: readonly number[], { width }: Roll) {
  const sets = 1 << pieces.length
  const heights = Float64Array.from({ length: sets }, (_, set) => heightOf(listOf(set), width))
  const lengths = new Float64Array(sets).fill(Infinity)
  const first = new Int32Array(sets)
  lengths[0] = 0
  for (let set = 1; set < sets; set++) {
    const lowest = set & -set
    for (let rest = set & ~lowest, own = rest; ; own = (own - 1) & rest) {
      const strip = own | lowest
      const length = heights[strip]! + lengths[set & ~strip]!
      if (length < lengths[set]! - SLACK) [lengths[set], first[set]] = [length, strip]
      if (own === 0) break
    }
  }
  function listOf(set: number): number[] {
    return pieces.flatMap((kind, i) => (set & (1 << i) ? [kind] : []))
  }
  /** The lowest strip in which they lie side by side; none: they do not. */
  function heightOf(list: readonly number[], across: number): number {
    const heightsOf = [...new Set(list.flatMap((k) => kinds[k]!.lies.map(({ height }) => height)))].sort(
      (a, b) => a - b,
    )
    const found = heightsOf.find((height) => {
      const lies = list.map((k) => narrowest(kinds[k]!, height))
      return lies.every((lie) => lie !== null) && sum(lies.map((lie) => lie!.width)) <= across + SLACK
    })
    return found ?? (list.length === 0 ? 0 : Infinity)
  }
  const stripsOf = (set: number): Strip[] => {
    const strips: Strip[] = []
    for (let left = set; left; left &= ~first[left]!) {
      const height = heights[first[left]!]!
      const laid = listOf(first[left]!).map((kind) => ({ kind, lie: narrowest(kinds[kind]!, height) as Lie }))
      strips.push({ height, laid })
    }
    return strips
  }
  return { lengths, stripsOf }
}

const sum = (list: readonly number[]): number => list.reduce((all, one) => all + one, 0)
