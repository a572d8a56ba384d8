import type { Bobbin, Piece, RunEvent } from '@thimble/contract'
import { loadingAtHand } from '../hoop/loadingAtHand'
import { bobbinChanges } from '../stash/bobbinChanges'
import type { Stock } from '../stash/wants'
import { bobbinBefore } from './bobbinBefore'
import type { PiecePlans } from '../stages/planPiece'
import type { Sewing } from './sewing'
import type { StartFacts } from './startLines'

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
    roll: load?.roll ?? null,
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
  if (!plan) return { need, left: null, changes: 0 }
  return { need, left: plan.left, changes: Math.max(0, plan.bobbins - Number(plan.fresh)) }
}
