import type { Basis, DecidedStack, Hoop, Piece, Thread } from '@thimble/contract'
import { adhesiveFor, type AdhesiveKind, cutPiece, type SupplyKind } from '@thimble/core/recipe'
import { type BenchMachine, machinesFor } from '../hoop/benchMachine'
import { timesSewn } from '../hoop/timesSewn'
import { type Marked, markedOf } from '../measure/placed'
import type { Shelf } from '../shelf'
import { asHeld } from '../stack/asHeld'
import { ringOf } from '../stack/recipeInput'
import type { Spools } from '../stack/spools'
import { type Pace, planThread, type ThreadPlan } from '../stack/threadPlan'
import { planPiece } from '../stages/planPiece'
import type { Size } from './rolls'

/** What there is to take from. */
export type Stock = Shelf & { threads: readonly Thread[] }

type Ringed = Parameters<typeof timesSewn>[1] &
  Omit<Parameters<typeof ringOf>[0], 'maxThicknessMm'> & { id: string; name: string }

/** A piece as far as its thread and its layers go. */
export type Planned = {
  marked: Marked
  basis: Basis
  stack: DecidedStack
  hoop: Ringed | null
  machine: BenchMachine
  typedStitches: string
  spools: Spools
  /** Its layers went off the rolls already, with those of its run. */
  cut: boolean
}

/** A layer to cut: `pieces` of one size; `atLeast`: for no ring yet, so that more may be wanted. */
export type WantedLayer = { kind: SupplyKind; size: Size; pieces: number; atLeast: boolean }
export type Wants = { layers: WantedLayer[]; adhesives: AdhesiveKind[]; thread: ThreadPlan | null }

/** A piece as it is built or would be today; its hoops are ranked for it, which takes a moment. Null while nothing is known of it. */
export function plannedToday(piece: Piece, stock: Shelf): Planned | null {
  const { marked, built, hoop: hooping } = planPiece(piece, stock)
  return plannedFrom(piece, { marked, built, hoop: hooping }, stock)
}

/** The same of one that was measured and built already, by what was decided alone; null where it was not. */
export function plannedAsDecided(piece: Piece, stock: Shelf): Planned | null {
  const [[laid], [hooped]] = [piece.build.kept, piece.hoop.kept]
  if (!laid || piece.measure.kept.length === 0) return null
  const ring = ringFrom(hooped?.hoop ?? null)
  const built = hooped ? asHeld(laid, hooped.holding, { ring, supplies: stock.supplies }) : laid
  const hoop = stock.hoops.find(({ id }) => id === piece.hoop.hoopId) ?? null
  const [[machine]] = machinesFor(piece, stock.machines) as [[BenchMachine]]
  const marked = markedOf(piece.measure.kept, null, stock.designs, piece.hoop.moved)
  return plannedFrom(piece, { marked, built, hoop: { hoop, chosen: hoop && { fits: true }, machine } }, stock)
}

/** What a piece is planned from: its stages, or what stands for them where only what was decided counts. */
type PlannedStages = {
  marked: Marked
  built: { basis: Basis; stack: DecidedStack | null }
  hoop: { hoop: Hoop | null; chosen: { fits: boolean } | null; machine: BenchMachine }
}

/** The hoop and the machine are those it would go in, where none was decided. */
export function plannedFrom(
  piece: Piece,
  { marked, built: { basis, stack }, hoop }: PlannedStages,
  { machines }: Shelf,
): Planned | null {
  if (marked.design.missing || marked.design.assumed || !stack) return null
  const [hooped] = piece.hoop.kept
  return {
    ...{ marked, basis, stack },
    hoop: hooped ? hooped.hoop : hoop.chosen?.fits ? hoop.hoop : null,
    machine: machines.find(({ id }) => id === hooped?.machine?.id) ?? hoop.machine,
    typedStitches: piece.measure.ownDesign.stitches,
    spools: piece.build.spools,
    cut: piece.build.cut.length > 0,
  }
}

const ringFrom = (hoop: Ringed | null) => (hoop ? ringOf({ maxThicknessMm: null, ...hoop }) : null)

/** All that one piece takes: every copy and hooping of it. `pace`: of its machine, where the minutes are to go by it. */
export function wantsOf(planned: Planned, { designs, threads, shop, record }: Stock, pace: Pace | null = null): Wants {
  const { marked, basis, stack, hoop, machine, typedStitches, spools, cut: isCut } = planned
  const times = timesSewn(marked, hoop)
  const ring = ringFrom(hoop) ?? undefined
  const layers = stack.layers.flatMap((layer): WantedLayer[] => {
    if (layer.role === 'cloth' || isCut) return []
    const cut = cutPiece(layer, stack.holding, basis.work, ring)
    // Without a ring it takes the design and what a slid backing takes, and more.
    const size = cut ?? cutPiece({ role: 'backing', grip: 'loose' }, 'floated', basis.work)!
    // What lies in the ring or under it goes with the hooping, what lies on a design with the design.
    const each = layer.role === 'backing' ? times.hoopings : times.copies
    return [{ kind: layer.kind as SupplyKind, size, pieces: layer.sheets * each, atLeast: !cut }]
  })
  const design = marked.design
  const factor = shop.threadFactor
  return {
    layers,
    adhesives: [...new Set(stack.layers.flatMap(({ grip }) => adhesiveFor(grip) ?? []))],
    thread: planThread({
      ...{ design, times, designs, typedStitches, basis, stack, machine, threads, spools, factor, pace, record },
    }),
  }
}
