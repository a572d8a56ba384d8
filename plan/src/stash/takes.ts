import type { Bobbin, Machine, Piece, Take } from '@thimble/contract'
import { bobbinChanges } from './bobbinChanges'
import { lengthOff, rollFor } from './rolls'
import { usedStack } from '../finish/keepRecord'
import type { PiecePlans } from '../stages/planPiece'
import { type Planned, plannedAsDecided, plannedFrom, type Stock, type WantedLayer, wantsOf } from './wants'

export { type BobbinChanges, bobbinChanges } from './bobbinChanges'
export type { Stock } from './wants'

type Taken = { rolls?: Readonly<Record<string, string>>; bobbins?: readonly Bobbin[] }

/**
 * What a piece takes of each thing of the stash: length off a roll, metres off a spool, and at the machine the bobbin that
 * was in and the needle's minutes. What the stash has none of takes nothing.
 *
 * @param taken.rolls the roll a kind of layer is cut of, where it is not the one that would be taken
 */
function takesOf(planned: Planned, stock: Stock, { rolls = {}, bobbins = [] }: Taken = {}): Take[] {
  const { layers, thread } = wantsOf(planned, stock)
  const machine = stock.machines.find(({ id }) => id === planned.machine.id)
  const factor = stock.shop.threadFactor
  const spools = (thread?.colours ?? []).flatMap(({ thread: spool, metres }) =>
    spool ? [take('threads.leftM', spool, metres, factor)] : [],
  )
  const sewn = thread && machine ? atMachine(planned, thread, machine, bobbins) : []
  return summed([...layers.flatMap((layer) => offRoll(layer, stock, rolls)), ...spools, ...sewn])
}

const THOUSANDTHS = 1000
const toTheThousandth = (value: number): number => Math.round(value * THOUSANDTHS) / THOUSANDTHS

const take = (of: Take['of'], { id, name }: { id: string; name: string }, amount: number, factor = 1): Take => ({
  ...{ of, ofId: id, name, factor },
  amount: toTheThousandth(amount),
})

function offRoll(
  { kind, size, pieces }: WantedLayer,
  { supplies }: Stock,
  rolls: Readonly<Record<string, string>>,
): Take[] {
  const picked = supplies.find(({ id, kind: its }) => its === kind && id === rolls[kind])
  const roll = picked ?? rollFor(kind, size, pieces, supplies)
  const length = roll && lengthOff(roll, size, pieces)
  return roll && length !== null ? [take('supplies.leftMm', roll, length)] : []
}

/** The needle sews a share of the minutes where there are several; the bobbin ends with what is left of the last one. */
function atMachine(
  { stack }: Planned,
  thread: NonNullable<ReturnType<typeof wantsOf>['thread']>,
  machine: Machine,
  bobbins: readonly Bobbin[],
): Take[] {
  const minutes = thread.time.parts.stitching / 60 / machine.needles
  const needle = machine.needle ? [take('machines.needleMinutes', machine, -minutes)] : []
  const bobbin = machine.bobbin && bobbinChanges(thread, stack, machine, bobbins)
  if (!bobbin) return needle
  const drawer = bobbins.find(({ id }) => id === machine.bobbin?.from)
  const fresh = drawer && bobbin.bobbins > 0 ? [take('bobbins.left', drawer, bobbin.bobbins)] : []
  return [...needle, take('machines.bobbinM', machine, (machine.bobbinM ?? bobbin.left) - bobbin.endsWith), ...fresh]
}

/** Layers of one roll, and colours of one spool, are one take. */
function summed(takes: readonly Take[]): Take[] {
  const byThing = new Map<string, Take>()
  for (const one of takes) {
    const key = `${one.of}/${one.ofId}`
    const known = byThing.get(key)
    byThing.set(key, known ? { ...known, amount: toTheThousandth(known.amount + one.amount) } : one)
  }
  return [...byThing.values()].filter(({ amount }) => amount !== 0)
}

const ofRoll = ({ of }: Take): boolean => of === 'supplies.leftMm'

/** The rolls that something was cut of already, by kind. */
function rollsOf(took: readonly Take[], { supplies }: Stock): Record<string, string> {
  const cut = took.filter(ofRoll).flatMap(({ ofId }) => supplies.find(({ id }) => id === ofId) ?? [])
  return Object.fromEntries(cut.map(({ kind, id }) => [kind, id]))
}

/**
 * What a piece takes by its record as it stands: of the stack that was really used, in the hoop it was really in. What a
 * record that is amended took of spools and machine stays; one from before the stash was kept takes nothing.
 */
export function takesOfRecord(
  piece: Piece,
  { marked, built, hoop }: Pick<PiecePlans, 'marked' | 'built' | 'hoop'>,
  stock: Stock,
  bobbins: readonly Bobbin[],
): Take[] {
  const before = piece.finish.kept[0]?.took
  if (before?.length === 0) return []
  const used = { basis: built.basis, stack: usedStack(piece, built) }
  const planned = plannedFrom(piece, marked, used, hoop.chosen?.fits ? hoop.hoop : null, stock)
  if (!planned) return before ?? []
  const rolls = { ...rollsOf(before ?? [], stock), ...piece.finish.rolls }
  const now = takesOf(planned, stock, { rolls, bobbins })
  return before ? [...now.filter(ofRoll), ...before.filter((one) => !ofRoll(one))] : now
}

/** By the thing they are taken of: how much pieces that were built and are not recorded yet will take, and how many do. */
export type Reserved = ReadonlyMap<string, { amount: number; pieces: number }>

/** Things that stay where they are while a piece is planned: only what lies on the shelves is spoken for. */
const spokenFor = (one: Take): boolean => one.of === 'supplies.leftMm' || one.of === 'threads.leftM'

const known = new WeakMap<Stock, WeakMap<Piece, Take[]>>()

/** Worked out once for a piece as it stands: at every key all of them are asked for. */
function takesOfBuilt(piece: Piece, stock: Stock): Take[] {
  const ofStock = known.get(stock) ?? new WeakMap<Piece, Take[]>()
  known.set(stock, ofStock)
  const before = ofStock.get(piece)
  if (before) return before
  const planned = plannedAsDecided(piece, stock)
  const takes = planned ? takesOf(planned, stock).filter(spokenFor) : []
  ofStock.set(piece, takes)
  return takes
}

/** What is spoken for of each supply and thread, by its id. */
export function reservedBy(pieces: readonly Piece[], stock: Stock): Reserved {
  const reserved = new Map<string, { amount: number; pieces: number }>()
  for (const piece of pieces) {
    for (const { ofId, amount } of takesOfBuilt(piece, stock)) {
      const so = reserved.get(ofId) ?? { amount: 0, pieces: 0 }
      reserved.set(ofId, { amount: so.amount + amount, pieces: so.pieces + 1 })
    }
  }
  return reserved
}
