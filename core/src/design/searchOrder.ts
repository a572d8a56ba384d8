/** How many part orders are followed at a time, and how many steps of work they may take together. */
const WIDEST = 160
const STEPS = 10_000_000

type State = { waiting: Int16Array; done: Uint16Array; left: number; held: number; order: number[]; least: number }

/**
 * A good order for many blocks: runs of one colour at a time, each taking all that may be stitched in it, the most
 * promising part orders side by side (beam search). Promise is the fewest runs the rest can need: for each colour, the
 * most often that any chain of overlaps comes back to it.
 *
 * @param colours colour number of each block
 * @param after for each block the blocks it stays after
 */
export function searchOrder(colours: readonly number[], after: readonly number[][]): number[] {
  const n = colours.length
  const kinds = Math.max(...colours) + 1
  const before: number[][] = Array.from({ length: n }, () => [])
  after.forEach((list, j) => list.forEach((i) => before[i]!.push(j)))
  const runs = runsBelow(colours, before, kinds)
  const edges = after.reduce((sum, list) => sum + list.length, 0)
  const width = Math.max(4, Math.min(WIDEST, Math.floor(STEPS / ((n + edges) * kinds * Math.min(n, 60)))))

  /** Every block left stands behind one that waits for nothing, so only those are looked at. */
  const least = ({ waiting }: Pick<State, 'waiting'>): number => {
    let sum = 0
    for (let c = 0; c < kinds; c++) {
      let most = 0
      for (let i = 0; i < n; i++) if (waiting[i] === 0 && runs[i * kinds + c]! > most) most = runs[i * kinds + c]!
      sum += most
    }
    return sum
  }
  const run = (s: State, colour: number): State => {
    const [waiting, done] = [s.waiting.slice(), s.done.slice()]
    const next: State = { waiting, done, left: s.left, held: colour, order: s.order.slice(), least: 0 }
    for (let i = 0; i < n; i++) {
      if (next.waiting[i] !== 0 || colours[i] !== colour) continue
      next.waiting[i] = -1
      done[i >> 4]! |= 1 << (i & 15)
      next.left--
      next.order.push(i)
      for (const j of before[i]!) next.waiting[j]!--
    }
    next.least = least(next)
    return next
  }
  const start: State = {
    waiting: Int16Array.from(after, (list) => list.length),
    done: new Uint16Array(Math.ceil(n / 16)),
    left: n,
    held: -1,
    order: [],
    least: 0,
  }
  for (let beam = [start]; ; ) {
    const found = new Map<string, State>()
    for (const state of beam)
      for (const colour of free(state.waiting, colours)) {
        if (colour === state.held) continue
        const next = run(state, colour)
        if (next.left === 0) return next.order
        found.set(String.fromCharCode(colour, ...next.done), next)
      }
    beam = [...found.values()].sort((a, b) => a.least - b.least || a.left - b.left).slice(0, width)
  }
}

/** Colours of the blocks that wait for nothing. */
const free = (waiting: Int16Array, colours: readonly number[]): Set<number> =>
  new Set(colours.filter((_, i) => waiting[i] === 0))

/** For each block and colour: how many runs of that colour the worst chain of overlaps from this block on needs. */
function runsBelow(colours: readonly number[], before: readonly number[][], kinds: number): Int16Array {
  const runs = new Int16Array(colours.length * kinds)
  for (let i = colours.length - 1; i >= 0; i--)
    for (let c = 0; c < kinds; c++) {
      const own = colours[i] === c
      let most = own ? 1 : 0
      for (const j of before[i]!) most = Math.max(most, runs[j * kinds + c]! + (own && colours[j] !== c ? 1 : 0))
      runs[i * kinds + c] = most
    }
  return runs
}
