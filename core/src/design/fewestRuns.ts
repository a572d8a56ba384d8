/** With more colours than these the pairs are too many to look at. */
const MOST_PAIRED = 40

/**
 * A number of runs of one colour that no order of the blocks can go below. Runs of a whole order, seen by some of its
 * colours, can only be fewer; so each colour has at least the runs of its worst chain of overlaps, and every two
 * colours together at least the runs they would need if there were no others. Each colour is counted with the one
 * partner that tells most, or with all of them in turn, whichever is more.
 *
 * @param colours colour number of each block
 * @param after for each block the earlier blocks it stays after
 * @example fewestRuns([0, 1, 0], [[], [0], [1]]) // 3
 */
export function fewestRuns(colours: readonly number[], after: readonly number[][]): number {
  const kinds = Math.max(-1, ...colours) + 1
  const single = Array.from({ length: kinds }, (_, colour) => chainRuns(colours, after, colour))
  const alone = single.reduce((sum, runs) => sum + runs, 0)
  if (kinds < 2 || kinds > MOST_PAIRED) return alone
  const waits = closure(after)
  const gains: { a: number; b: number; gain: number }[] = []
  for (let a = 0; a < kinds; a++)
    for (let b = a + 1; b < kinds; b++) {
      const gain = pairRuns(colours, waits, a, b) - single[a]! - single[b]!
      if (gain > 0) gains.push({ a, b, gain })
    }
  const inTurn = Math.ceil(gains.reduce((sum, { gain }) => sum + gain, 0) / (kinds - 1))
  return alone + Math.max(inTurn, matched(gains))
}

/** What pairs gain that share no colour, the best first. */
function matched(gains: { a: number; b: number; gain: number }[]): number {
  const taken = new Set<number>()
  let sum = 0
  for (const { a, b, gain } of gains.sort((p, q) => q.gain - p.gain)) {
    if (taken.has(a) || taken.has(b)) continue
    taken.add(a).add(b)
    sum += gain
  }
  return sum
}

/** Runs of a colour that the worst chain of overlaps breaks it into. */
function chainRuns(colours: readonly number[], after: readonly number[][], colour: number): number {
  const runs = new Int32Array(colours.length)
  let most = 0
  after.forEach((list, j) => {
    const own = colours[j] === colour
    runs[j] = own ? 1 : 0
    for (const i of list) runs[j] = Math.max(runs[j]!, runs[i]! + (own && colours[i] !== colour ? 1 : 0))
    most = Math.max(most, runs[j]!)
  })
  return most
}

/** For each block all that it waits for, by way of others as well: a bit a block. */
function closure(after: readonly number[][]): Uint32Array[] {
  const words = Math.ceil(after.length / 32)
  const waits: Uint32Array[] = []
  for (const list of after) {
    const own = new Uint32Array(words)
    for (const i of list) {
      waits[i]!.forEach((bits, w) => (own[w]! |= bits))
      own[i >> 5]! |= 1 << (i & 31)
    }
    waits.push(own)
  }
  return waits
}

/**
 * The least runs in which the blocks of two colours can be stitched by themselves: all that is free in the one, then
 * all that is free in the other, begun with whichever ends sooner.
 */
function pairRuns(colours: readonly number[], waits: readonly Uint32Array[], a: number, b: number): number {
  const blocks = colours.flatMap((c, i) => (c === a || c === b ? [i] : []))
  const isAfter = blocks.map((j) => blocks.map((i) => ((waits[j]![i >> 5]! >>> (i & 31)) & 1) === 1))
  const begunWith = (first: number): number => {
    const done = new Set<number>()
    let [runs, colour] = [0, first]
    while (done.size < blocks.length) {
      const before = done.size
      // Blocks stand after what they wait for, so one look through them finds all that is free.
      blocks.forEach((block, j) => {
        const free =
          !done.has(j) && colours[block] === colour && isAfter[j]!.every((waiting, i) => !waiting || done.has(i))
        if (free) done.add(j)
      })
      if (done.size > before) runs++
      colour = colour === a ? b : a
    }
    return runs
  }
  return Math.min(begunWith(a), begunWith(b))
}
