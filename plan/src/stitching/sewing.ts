import type { Piece } from '@thimble/contract'
import { guessStitches } from '@thimble/core/design'
import type { Pose } from '@thimble/core/plane'
import { sewProgram, type SewProgram } from '@thimble/core/sewing'
import { type HoopingAtHand, hoopingAtHand } from '../hoop/hoopingAtHand'
import type { Move } from '../hoop/dialMove'
import { keptTry, moveAt } from '../hoop/moveNow'
import type { Marked } from '../measure/placed'
import type { Spools } from '../stack/spools'
import { fineThreads } from '../stack/fineThreads'
import { planThread, type ThreadPlan } from '../stack/threadPlan'
import type { PiecePlans } from '../stages/planPiece'
import type { Stock } from '../stash/wants'
import { blocksSewn, copiesInHoop } from './sewnAtOnce'
import type { MachinePace } from './whereNow'

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
  /** The thread that was chosen for a colour. */
  spools: Spools
  /** Colours that alone have small letters, and how they are sewn. */
  fine: ReturnType<typeof fineThreads>
  /** Seconds in which the machine changes its colours by itself, as it has a needle for each; null: a hand threads them. */
  changesItself: number | null
  pace: MachinePace
}

const once = { copies: 1, hoopings: 0 }

/** What the hooping at hand sews; null while there is no stack, or its stitches are not known. */
export function sewingAtHand(piece: Piece, plans: PiecePlans, stock: Stock): Sewing | null {
  const plan = threadOf(piece, plans, stock)
  if (!plan) return null
  const { marked, hoop } = plans
  const at = hoopingAtHand(piece, hoop, marked)
  const lies = at && lying(piece, plans, at)
  return {
    program: programOf(piece, marked, plan, at),
    ...{ at, group: at?.group ?? 0, groups: at?.groups ?? 1, from: at?.copies.from ?? 0 },
    ...(lies ?? { copies: [], dialled: null, move: null }),
    estimated: plan.estimated,
    spools: piece.build.spools,
    fine: fineThreads(plans.built),
    changesItself: changesItself(plans, plan, stock),
    pace: paceOf(plans, stock),
  }
}

/**
 * Thread and time of one copy of the design on its stack, at the machine it goes on. By its size alone it is sewn too, so
 * there a count is guessed.
 */
function threadOf(
  piece: Piece,
  { marked, built: { basis, stack }, hoop: { machine } }: PiecePlans,
  stock: Stock,
): ThreadPlan | null {
  const { shop, designs, threads } = stock
  const { design } = marked
  return (
    stack &&
    planThread({
      ...{ design, designs, basis, stack, threads, factor: shop.threadFactor },
      guessedStitches: guessStitches(design, design.loadClass, design.kind),
      ...{ machine, times: once, typedStitches: piece.measure.ownDesign.stitches, spools: piece.build.spools },
    })
  )
}

function programOf(
  { hoop }: Pick<Piece, 'hoop'>,
  marked: Marked,
  { sewn, speedSpm }: ThreadPlan,
  at: HoopingAtHand | null,
): SewProgram {
  const parts = hoop.kept[0]?.parts?.[at?.group ?? 0] ?? null
  const here = blocksSewn(marked, parts)
  const blocks = sewn.flatMap((one, block) => (!here || here.includes(block) ? [{ ...one, block }] : []))
  const copies = at ? at.copies.to - at.copies.from + 1 : (marked.placed?.copies.length ?? 1)
  const program = sewProgram({ blocks, copies, speedSpm })
  return { ...program, blocks: program.blocks.map((one) => ({ ...one, block: blocks[one.block]!.block })) }
}

/** Where it lies in the hoop: as it was dialled, else as it is planned. */
function lying(piece: Piece, { marked, hoop }: PiecePlans, at: HoopingAtHand) {
  const move = moveAt({ piece, marked, hoop }, at)
  const dialled = keptTry(piece, at.group)?.dialled ?? (at.added ? move.pose : at.pose)
  return { dialled, copies: copiesInHoop(marked, at, dialled), move }
}

/** How the machine at hand changes threads, and how much longer it takes by its own runs. */
function paceOf({ hoop: { machine } }: PiecePlans, { record }: Stock): MachinePace {
  const { id, changeSeconds } = machine
  return { changeSeconds, pace: record?.paces.find((one) => one.machine === id)?.factor ?? 1 }
}

function changesItself({ hoop }: PiecePlans, { sewn }: ThreadPlan, { machines }: Stock): number | null {
  const machine = machines.find((one) => one.id === hoop.machine.id)
  const colours = new Set(sewn.map(({ colour }) => colour)).size
  return machine && machine.needles > 1 && colours <= machine.needles ? machine.changeSeconds : null
}
