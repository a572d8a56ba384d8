import type { Bobbin, Piece } from '@thimble/contract'
import { loadingAtHand } from '../hoop/loadingAtHand'
import { bobbinChanges } from '../stash/bobbinChanges'
import type { Stock } from '../stash/wants'
import type { PiecePlans } from '../stages/planPiece'
import type { Sewing } from './sewing'
import type { StartFacts } from './startLines'

type Shelves = Stock & { bobbins: readonly Bobbin[] }

/** What is to be said of the hooping at hand before it is begun. */
export function startFacts(piece: Piece, plans: PiecePlans, sewing: Sewing | null, stock: Shelves): StartFacts {
  const { marked, hoop } = plans
  const at = sewing?.at
  const load = at ? loadingAtHand({ piece, shop: stock.shop, marked, plan: hoop, at }) : null
  return {
    hooping: sewing?.group ?? 0,
    bobbin: sewing && bobbinFact(plans, sewing, stock),
    move: sewing?.move ?? null,
    roll: load?.roll ?? null,
  }
}

function bobbinFact(
  { built, hoop }: PiecePlans,
  { program: { blocks } }: Sewing,
  { machines, bobbins }: Shelves,
): StartFacts['bobbin'] {
  const need = blocks.reduce((sum, { bobbinMetres }) => sum + bobbinMetres, 0)
  if (need === 0) return null
  const machine = machines.find(({ id }) => id === hoop.machine.id)
  const plan = built.stack && machine && bobbinChanges({ blocks }, built.stack, machine, bobbins)
  if (!plan) return { need, left: null, changes: 0 }
  return { need, left: plan.left, changes: Math.max(0, plan.bobbins - Number(plan.fresh)) }
}
