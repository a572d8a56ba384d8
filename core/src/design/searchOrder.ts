import { type Cloth, clothAfter, clothDue, NO_CLOTH, type PatchBits } from './patchBits'

/** How many part orders are followed at a time, and how many steps of work they may take together. */
const WIDEST = 160
const STEPS = 10_000_000

type State = {
  waiting: Int16Array
  done: Uint16Array
  left: number
  held: number
  cloth: Cloth
  order: number[]
  least: number
}

/**
 * A good order for many blocks: runs of one colour at a time, each taking all that may be stitched in it without a halt, the
 * most promising part orders side by side (beam search). Promise is the fewest runs the rest can need: for each colour, the
 * most often that any chain of overlaps comes back to it.
 *
 * @param colours colour number of each block
 * @param after for each block the blocks it stays after
 * @param patches for each block what it does for which patch; null: there are none
 */
export function searchOrder(
  colours: readonly number[],
  after: readonly number[][],
  patches: readonly PatchBits[] | null = null,
): number[] {
  const n = colours.length
  const kinds = Math.max(...colours) + 1
  const before: number[][] = Array.from({ length: n }, () => [])
  after.forEach((list, j) => list.forEach((i) => before[i]!.push(j)))
  const runs = runsBelow(colours, before, kinds)
  const edges = after.reduce((sum, list) => sum + list.length, 0)
  const width = Math.max(4, Math.min(WIDEST, Math.floor(STEPS / ((n + edges) * kinds * Math.min(n, 60)))))

  const isDue = (cloth: Cloth, i: number): boolean => patches !== null && clothDue(cloth, patches[i]!)
  const run = (s: State, first: number): State => {
    const [waiting, done, colour] = [s.waiting.slice(), s.done.slice(), colours[first]!]
    const next: State = { ...s, waiting, done, held: colour, order: s.order.slice(), least: 0 }
    const sew = (i: number): void => {
      waiting[i] = -1
      done[i >> 4]! |= 1 << (i & 15)
      next.left--
      next.order.push(i)
      if (patches) next.cloth = clothAfter(next.cloth, patches[i]!)
      for (const j of before[i]!) waiting[j]!--
    }
    // A halt is made before the first of a run alone.
    if (isDue(s.cloth, first)) sew(first)
    for (let i = 0; i < n; i++) if (waiting[i] === 0 && colours[i] === colour && !isDue(next.cloth, i)) sew(i)
    next.least = leastRuns(next, runs, kinds)
    return next
  }
  /** What a run can begin with: a colour at a time, and each way to have cloth laid or trimmed first. */
  const begins = ({ waiting, held, cloth }: State): number[] => {
    const found = new Map<string, number>()
    for (let i = 0; i < n; i++) {
      if (waiting[i] !== 0) continue
      const halt = isDue(cloth, i) ? patches![i]!.role : ''
      const way = `${colours[i]} ${halt}`
      if ((halt || colours[i] !== held) && !found.has(way)) found.set(way, i)
    }
    return [...found.values()]
  }
  const start: State = {
    waiting: Int16Array.from(after, (list) => list.length),
    done: new Uint16Array(Math.ceil(n / 16)),
    left: n,
    held: -1,
    cloth: NO_CLOTH,
    order: [],
    least: 0,
  }
  for (let beam = [start]; ; ) {
    const found = new Map<string, State>()
    for (const state of beam)
      for (const first of begins(state)) {
        const next = run(state, first)
        if (next.left === 0) return next.order
        const { laid, trimmed } = next.cloth
        found.set(`${String.fromCharCode(next.held, ...next.done)} ${laid} ${trimmed}`, next)
      }
    beam = [...found.values()].sort((a, b) => a.least - b.least || a.left - b.left).slice(0, width)
  }
}

/** Runs that the rest needs at least. Every block left stands behind one that waits for nothing, so only those are looked at. */
function leastRuns({ waiting }: Pick<State, 'waiting'>, runs: Int16Array, kinds: number): number {
  let sum = 0
  for (let c = 0; c < kinds; c++) {
    let most = 0
    for (let i = 0; i < waiting.length; i++)
      if (waiting[i] === 0 && runs[i * kinds + c]! > most) most = runs[i * kinds + c]!
    sum += most
  }
  return sum
}

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
