import type { Supply } from '@thimble/contract'
import { cutPlan, type CutPlan } from '@thimble/core/cutting'
import type { SupplyKind } from '@thimble/core/recipe'
import type { PieceWork } from './pieceWork'

/** Sheets beyond this many are not laid out one by one. */
const MOST_SHEETS = 40

/** What of one kind is cut for a run: the rolls and sheets that something is cut of, and what is missing of it. */
export type KindCut = {
  kind: SupplyKind
  rolls: { id: string; name: string; widthMm: number; lengthMm: number }[]
  plan: CutPlan
  missing: { widthMm: number; heightMm: number; count: number }[]
}

/** The pieces of backing and topping of a run, kind by kind, laid on what there is of it: the shortest first. */
export function cutsOfRun(works: readonly PieceWork[], supplies: readonly Supply[]): KindCut[] {
  const kinds = [...new Set(works.flatMap(({ layers }) => layers.map(({ kind }) => kind)))]
  return kinds.map((kind) => cutsOfKind(kind, works, supplies))
}

function cutsOfKind(kind: SupplyKind, works: readonly PieceWork[], supplies: readonly Supply[]): KindCut {
  const sizes = new Map<string, { width: number; height: number; count: number }>()
  for (const layer of works.flatMap((work) => work.layers.filter((one) => one.kind === kind))) {
    const { widthMm: width, heightMm: height } = layer.size
    const id = `${width} ${height}`
    sizes.set(id, { width, height, count: (sizes.get(id)?.count ?? 0) + layer.pieces })
  }
  const rolls = supplies
    .filter((supply) => supply.kind === kind && supply.leftMm > 0)
    .sort((a, b) => a.leftMm - b.leftMm)
    .flatMap(onesOf)
  const plan = cutPlan({
    pieces: [...sizes].map(([id, size]) => ({ id, ...size, turn: true })),
    rolls: rolls.map(({ id, widthMm, lengthMm }) => ({ id, width: widthMm, length: lengthMm })),
  })
  return {
    ...{ kind, plan },
    rolls: rolls.filter(({ id }) => plan.used.some(({ roll }) => roll === id)),
    missing: plan.short.map(({ id, count }) => {
      const { width: widthMm, height: heightMm } = sizes.get(id)!
      return { widthMm, heightMm, count }
    }),
  }
}

/** A roll as it is; sheets one by one. */
function onesOf({ id, name, widthMm, sheetMm, leftMm }: Supply): KindCut['rolls'] {
  if (sheetMm === null) return [{ id, name, widthMm, lengthMm: leftMm }]
  const sheets = Math.min(MOST_SHEETS, Math.floor(leftMm / sheetMm))
  return Array.from({ length: sheets }, (_, i) => ({
    ...{ id: `${id}.${i + 1}`, name: `${name}, sheet ${i + 1}`, widthMm, lengthMm: sheetMm },
  }))
}
