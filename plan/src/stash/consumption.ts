import type { Bobbin, Machine, Piece, Take } from '@thimble/contract'
import type { SewnReally } from '../stitching/sewnReally'
import { usedStack } from '../finish/keepRecord'
import type { PiecePlans } from '../stages/planPiece'
import type { ThreadPlan } from '../stack/threadPlan'
import { ofRolls, ofSpools, summed, take } from './allot'
import { bobbinChanges } from './bobbinChanges'
import { type Planned, plannedFrom, type Stock, wantsOf } from './wants'

export { adhesivesShort } from './adhesivesShort'
export { bobbinShort } from './bobbinShort'
export { type BobbinChanges, bobbinChanges, woundOnFresh } from './bobbinChanges'
export { type Reserved, reservedBy } from './reserved'
export type { Stock } from './wants'

/** `really`: by its run, where one was noted. */
type Taken = { rolls: Readonly<Record<string, string>>; bobbins: readonly Bobbin[]; really: SewnReally | null }

/**
 * What a piece takes of each thing of the stash: length off a roll, metres off a spool, and at the machine the bobbin that
 * was in and the needle's minutes. What the stash has none of takes nothing.
 */
function consumptionOf(planned: Planned, stock: Stock, { rolls, bobbins, really }: Taken): Take[] {
  const { layers, thread } = wantsOf(planned, stock)
  const machine = stock.machines.find(({ id }) => id === planned.machine.id)
  const sewn = thread && machine ? atMachine(planned, thread, machine, { bobbins, really }) : []
  return summed([...ofRolls(layers, stock.supplies, rolls), ...ofSpools(thread, stock.shop.threadFactor), ...sewn])
}

/**
 * The needle sews a share of the minutes where there are several; the bobbin ends with what is left of the last one: as
 * the run had it, else as it is forecast.
 */
function atMachine(
  { stack }: Planned,
  thread: ThreadPlan,
  machine: Machine,
  { bobbins, really }: Pick<Taken, 'bobbins' | 'really'>,
): Take[] {
  const minutes = (really?.minutes || thread.time.parts.stitching / 60) / machine.needles
  const strikes =
    really && machine.needle && really.strikes > 0 ? [take('machines.needleStrikes', machine, -really.strikes)] : []
  const needle = machine.needle ? [take('machines.needleMinutes', machine, -minutes), ...strikes] : []
  const bobbin = machine.bobbin && bobbinChanges(thread, stack, machine, bobbins)
  if (!bobbin) return needle
  const drawer = bobbins.find(({ id }) => id === machine.bobbin?.from)
  const before = machine.bobbinM ?? bobbin.left
  const fitted = really ? really.bobbins : bobbin.bobbins
  const endsWith = really ? (really.endsWith ?? before - thread.bobbinMetres) : bobbin.endsWith
  const fresh = drawer && fitted > 0 ? [take('bobbins.left', drawer, fitted)] : []
  return [...needle, take('machines.bobbinM', machine, before - endsWith), ...fresh]
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
export function consumptionOfRecord(
  piece: Piece,
  { marked, built, hoop }: Pick<PiecePlans, 'marked' | 'built' | 'hoop'>,
  stock: Stock,
  bobbins: readonly Bobbin[],
  really: SewnReally | null = null,
): Take[] {
  const before = piece.finish.kept[0]?.took
  if (before?.length === 0) return []
  const used = { basis: built.basis, stack: usedStack(piece, built) }
  const planned = plannedFrom(piece, { marked, built: used, hoop }, stock)
  if (!planned) return before ?? []
  const rolls = { ...rollsOf(before ?? [], stock), ...piece.finish.rolls }
  const now = consumptionOf(planned, stock, { rolls, bobbins, really })
  return before ? [...now.filter(ofRoll), ...before.filter((one) => !ofRoll(one))] : now
}

/** What there was of a thing before a record took of it: one that is amended has taken already what it took before. */
export function leftBefore({ of, ofId }: Take, left: number | null, took: readonly Take[] = []): number | null {
  const taken = took.find((one) => one.of === of && one.ofId === ofId)?.amount ?? 0
  return left === null ? null : left + taken
}
