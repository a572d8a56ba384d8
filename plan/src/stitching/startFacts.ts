import type { Bobbin, Piece, RunEvent } from '@thimble/contract'
import { loadingAtHand } from '../hoop/loadingAtHand'
import { bobbinChanges } from '../stash/bobbinChanges'
import type { Stock } from '../stash/wants'
import { bobbinBefore } from './bobbinBefore'
import type { PiecePlans } from '../stages/planPiece'
import type { Sewing } from './sewing'
import type { StartFacts } from './startLines'

/** Cloth beyond the hoop that is no roll yet, in mm. */
const FLAT = 20

/** `events`: of the runs of the hoopings before it. */
type Shelves = Stock & { bobbins: readonly Bobbin[]; events?: readonly RunEvent[] }

/** What is to be said of the hooping at hand before it is begun. */
export function startFacts(piece: Piece, plans: PiecePlans, sewing: Sewing | null, stock: Shelves): StartFacts {
  const { marked, hoop } = plans
  const at = sewing?.at
  const load = at ? loadingAtHand({ piece, shop: stock.shop, marked, plan: hoop, at }) : null
  return {
    hooping: sewing?.group ?? 0,
    bobbin: sewing && bobbinFact(piece, plans, sewing, stock),
    move: sewing?.move ?? null,
    layFirst: sewing?.program.first?.lay ?? [],
    patchesUnsaid: plans.marked.design.kind === 'applique' && plans.marked.design.patches.length === 0,
    // What does not reach past the hoop lies flat there.
    roll: load && at && load.sides.throat.reach > at.hoop.outside.width / 2 + FLAT ? load.roll : null,
  }
}

function bobbinFact(piece: Piece, plans: PiecePlans, sewing: Sewing, stock: Shelves): StartFacts['bobbin'] {
  const { built, hoop } = plans
  const { blocks } = sewing.program
  const need = blocks.reduce((sum, { bobbinMetres }) => sum + bobbinMetres, 0)
  if (need === 0) return null
  const machine = stock.machines.find(({ id }) => id === hoop.machine.id)
  const bobbinM = machine
    ? bobbinBefore(piece, plans, stock, machine, { events: stock.events ?? [], group: sewing.group })
    : null
  const plan = built.stack && machine && bobbinChanges({ blocks }, built.stack, { ...machine, bobbinM }, stock.bobbins)
  if (!plan) return { need, left: null, full: null, changes: 0 }
  // What is not known to be in is no full one: one goes in first, and the others on the way.
  return { need, left: plan.fresh ? null : plan.left, full: plan.full, changes: plan.bobbins }
}
