import { cutPlan, planRunOrder, type RunQuery } from '@thimble/core'
import type { Figure } from './figure'

const seconds = { hoop: 240, needle: 90, thread: 40 }
const ROUNDS = 7

/** A little of chance, the same each time. */
function chance(): (below: number) => number {
  let last = 7
  return (below) => {
    last = (Math.imul(last, 1_103_515_245) + 12_345) & 0x7fffffff
    return (last >> 8) % below
  }
}

function median(work: () => unknown): number {
  const times = Array.from({ length: ROUNDS }, () => {
    const start = performance.now()
    work()
    return performance.now() - start
  })
  return times.sort((a, b) => a - b)[Math.floor(ROUNDS / 2)]!
}

/** Ten pieces that have nothing to do with each other. */
function tenPieces(due: boolean): RunQuery {
  const below = chance()
  const pieces = Array.from({ length: 10 }, (_, i) => ({
    ...{ id: `p${i}`, hoop: `hoop ${below(4)}`, needle: `needle ${below(3)}`, minutes: 5 + below(20) },
    threads: Array.from({ length: 1 + below(4) }, () => `thread ${below(12)}`),
    ...(due ? { dueInMinutes: 20 + below(180) } : {}),
  }))
  return { pieces, needles: 6, seconds }
}

/** A hundred pieces of a shop: twenty lines, five of each, mixed as they came in. */
function hundredPieces(): RunQuery {
  const pieces = Array.from({ length: 100 }, (_, i) => {
    const line = (i * 7) % 20
    const threads = [line % 14, (line * 3 + 1) % 14, (line * 5 + 2) % 14].map((t) => `thread ${t}`)
    return { id: `p${i}`, hoop: `hoop ${line % 4}`, needle: line % 3 === 0 ? '90' : '75', threads, minutes: 10 }
  })
  return { pieces, needles: 10, seconds }
}

const backings = {
  pieces: [
    { id: 'mesh', width: 180, height: 180, count: 60, turn: true },
    { id: 'tear', width: 250, height: 170, count: 80, turn: true },
    { id: 'cover', width: 104, height: 64, count: 40, turn: true },
    { id: 'band', width: 440, height: 90, count: 20, turn: false },
  ],
  rolls: [
    { id: 'offcut', width: 450, length: 700 },
    { id: 'roll', width: 900, length: 30_000 },
  ],
}

/** The order of work and the cut plan of a run. */
export function measureRuns(): Figure[] {
  const hundred = planRunOrder(hundredPieces())
  const cut = cutPlan(backings)
  const percent = (part: number, whole: number): number => (part / whole - 1) * 100
  return [
    { what: 'ten pieces proven least', value: median(() => planRunOrder(tenPieces(false))), unit: 'ms', aim: 300 },
    { what: 'ten pieces that are due', value: median(() => planRunOrder(tenPieces(true))), unit: 'ms', aim: 300 },
    { what: 'a hundred pieces in order', value: median(() => planRunOrder(hundredPieces())), unit: 'ms', aim: 2000 },
    {
      what: 'a hundred pieces over their bound',
      value: percent(hundred.seconds, hundred.lowerBound),
      ...{ unit: '%', aim: 10 },
    },
    { what: 'two hundred pieces cut', value: median(() => cutPlan(backings)), unit: 'ms', aim: 1000 },
    { what: 'two hundred pieces cut, waste', value: cut.waste * 100, unit: '%', aim: null },
    {
      what: 'two hundred pieces cut, over the bound',
      value: percent(
        cut.used.reduce((sum, { length }) => sum + length, 0),
        cut.lowerBound,
      ),
      ...{ unit: '%', aim: null },
    },
  ]
}
