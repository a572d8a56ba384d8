import { planning as t } from '@thimble/language/en/planning'
import type { Supply } from '@thimble/contract'
import { cutPlan, type CutPlan } from '@thimble/core/cutting'
import type { SupplyKind } from '@thimble/core/recipe'
import type { PieceWork } from './pieceWork'

/** Sheets beyond this many are not laid out one by one. */
const MOST_SHEETS = 40

type Cut = CutPlan['cuts'][number]
/** A roll or a sheet that something is cut of: `usedMm` of its length, in strips across it, each with its pieces. */
export type CutRoll = {
  id: string
  name: string
  /** The thing of the stash it is, and whether it is a sheet of it. */
  supply: string
  supplyName: string
  sheet: boolean
  widthMm: number
  lengthMm: number
  usedMm: number
  strips: { y: number; height: number; cuts: Cut[] }[]
}

/** What of one kind is cut for a run; what is missing of it; `atLeast`: a piece has no hoop yet, so that more may be wanted. */
export type KindCut = {
  kind: SupplyKind
  rolls: CutRoll[]
  waste: number
  missing: { widthMm: number; heightMm: number; count: number }[]
  atLeast: boolean
}

/** The pieces of backing and topping of a run, kind by kind, laid on what there is of it: the shortest first. */
export function cutsOfBatch(works: readonly PieceWork[], supplies: readonly Supply[]): KindCut[] {
  const kinds = [...new Set(works.flatMap(({ layers }) => layers.map(({ kind }) => kind)))]
  return kinds.map((kind) => cutsOfKind(kind, works, supplies))
}

function cutsOfKind(kind: SupplyKind, works: readonly PieceWork[], supplies: readonly Supply[]): KindCut {
  const layers = works.flatMap((work) => work.layers.filter((one) => one.kind === kind))
  const sizes = new Map<string, { width: number; height: number; count: number }>()
  for (const { size, pieces } of layers) {
    const id = `${size.widthMm} ${size.heightMm}`
    sizes.set(id, { width: size.widthMm, height: size.heightMm, count: (sizes.get(id)?.count ?? 0) + pieces })
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
    ...{ kind, waste: plan.waste, atLeast: layers.some(({ atLeast }) => atLeast) },
    rolls: rolls.flatMap((roll) => cutOf(roll, plan)),
    missing: plan.short.map(({ id, count }) => {
      const { width: widthMm, height: heightMm } = sizes.get(id)!
      return { widthMm, heightMm, count }
    }),
  }
}

type Whole = Omit<CutRoll, 'usedMm' | 'strips'>

/** What is cut of one roll; none where nothing is. */
function cutOf(roll: Whole, { used, strips, cuts }: CutPlan): CutRoll[] {
  const own = cuts.filter((cut) => cut.roll === roll.id)
  return used
    .filter((one) => one.roll === roll.id)
    .map(({ length }) => ({
      ...{ ...roll, usedMm: length },
      strips: strips
        .filter((strip) => strip.roll === roll.id)
        .map(({ y, height }) => ({ y, height, cuts: own.filter((cut) => cut.y === y) })),
    }))
}

/** A roll as it is; sheets one by one. */
function onesOf({ id, name, widthMm, sheetMm, leftMm }: Supply): Whole[] {
  const of = { supply: id, supplyName: name, widthMm }
  if (sheetMm === null) return [{ ...of, id, name, sheet: false, lengthMm: leftMm }]
  const sheets = Math.min(MOST_SHEETS, Math.floor(leftMm / sheetMm))
  return Array.from({ length: sheets }, (_, i) => ({
    ...{
      ...of,
      id: `${id}.${i + 1}`,
      name: sheets > 1 ? t('sheet', { name, i: i + 1 }) : name,
      sheet: true,
      lengthMm: sheetMm,
    },
  }))
}
