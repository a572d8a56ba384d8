import type { HoopTry, Piece } from '@thimble/contract'
import type { Pose } from '@thimble/core/plane'
import { sewProgram, type SewProgram } from '@thimble/core/sewing'
import { type HoopingAtHand, hoopingAtHand } from '../hoop/hoopingAtHand'
import { triesOf } from '../hoop/checkStraight'
import { dialMove, type Move } from '../hoop/dialMove'
import { benchMachine } from '../hoop/benchMachine'
import type { Marked } from '../measure/placed'
import { planThread, type ThreadPlan } from '../stack/threadPlan'
import type { PiecePlans } from '../stages/planPiece'
import type { Stock } from '../stash/wants'
import { blocksSewn, copiesInHoop } from './sewnAtOnce'

/** What is sewn at the machine in the hooping at hand: its program, where it lies, and which of how many it is. */
export type Sewing = {
  program: SewProgram
  /** Blocks of the design as it is stitched; those of the program name them by their place there. */
  at: HoopingAtHand | null
  group: number
  groups: number
  copies: Pose[]
  /** Which copies of the design they are. */
  from: number
  /** As it was dialled after it was looked at, else as it is planned; null: no hoop is known. */
  dialled: Pose | null
  move: Move | null
  estimated: boolean
  applique: boolean
  /** Seconds in which the machine changes its colours by itself, as it has a needle for each; null: a hand threads them. */
  changesItself: number | null
}

const once = { copies: 1, hoopings: 0 }

/** The hooping that was kept straight enough, of those looked at. */
const keptTry = (piece: Pick<Piece, 'hoop'>, group: number): HoopTry | null =>
  triesOf(piece).findLast((one) => one.group === group && one.then === 'kept') ?? null

/** What the hooping at hand sews; null while there is no stack, or its stitches are not known. */
export function sewingAtHand(piece: Piece, plans: PiecePlans, stock: Stock): Sewing | null {
  const plan = threadOf(piece, plans, stock)
  if (!plan) return null
  const { marked, hoop } = plans
  const at = hoopingAtHand(piece, hoop, marked)
  const applique = marked.design.kind === 'applique'
  const lies = at && lying(piece, plans, stock, at)
  return {
    program: programOf(piece, marked, plan, { at, applique }),
    ...{ at, group: at?.group ?? 0, groups: at?.groups ?? 1, from: at?.copies.from ?? 0, applique },
    ...(lies ?? { copies: [], dialled: null, move: null }),
    estimated: plan.estimated,
    changesItself: changesItself(piece, plan, stock),
  }
}

/** Thread and time of one copy of the design on its stack, at the machine it goes on. */
function threadOf(piece: Piece, { marked, built: { basis, stack } }: PiecePlans, stock: Stock): ThreadPlan | null {
  const { shop, designs, threads, machines } = stock
  return (
    stack &&
    planThread({
      ...{ design: marked.design, designs, basis, stack, threads, factor: shop.threadFactor },
      ...{ machine: benchMachine(piece, machines), times: once, typedStitches: piece.measure.ownDesign.stitches },
    })
  )
}

function programOf(
  { hoop }: Pick<Piece, 'hoop'>,
  marked: Marked,
  { sewn, speedSpm }: ThreadPlan,
  { at, applique }: { at: HoopingAtHand | null; applique: boolean },
): SewProgram {
  const parts = hoop.kept[0]?.parts?.[at?.group ?? 0] ?? null
  const here = blocksSewn(marked, parts)
  const blocks = sewn.flatMap((one, block) => (!here || here.includes(block) ? [{ ...one, block }] : []))
  const copies = at ? at.copies.to - at.copies.from + 1 : (marked.placed?.copies.length ?? 1)
  const program = sewProgram({ blocks, copies, speedSpm, applique })
  return { ...program, blocks: program.blocks.map((one) => ({ ...one, block: blocks[one.block]!.block })) }
}

/** Where it lies in the hoop: as it was dialled, else as it is planned. */
function lying(piece: Piece, { marked, hoop: { machine } }: PiecePlans, { shop }: Stock, at: HoopingAtHand) {
  const kept = keptTry(piece, at.group)
  const move = dialMove({ piece, shop, marked, machine, at }, kept?.exact)
  const dialled = kept?.dialled ?? (at.added ? move.pose : at.pose)
  return { dialled, copies: copiesInHoop(marked, at, dialled), move }
}

function changesItself(piece: Piece, { sewn }: ThreadPlan, { machines }: Stock): number | null {
  const { id } = benchMachine(piece, machines)
  const machine = machines.find((one) => one.id === id)
  const colours = new Set(sewn.map(({ colour }) => colour)).size
  return machine && machine.needles > 1 && colours <= machine.needles ? machine.changeSeconds : null
}
