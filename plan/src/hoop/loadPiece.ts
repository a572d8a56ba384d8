import type { Basis, Piece, Shop } from '@thimble/contract'
import { type HoopField, type Loading, type LoadingQuery, orientLoading, type Way } from '@thimble/core/hooping'
import { type Point, type Pose, rotatePoint } from '@thimble/core/plane'
import type { Marked, Placed } from '../measure/placed'
import type { BenchMachine } from './benchMachine'
import { itemAsMade } from './itemAsMade'
import { wayNames } from './wayNames'

type LoadPieceInput = {
  piece: Pick<Piece, 'item' | 'measure'>
  marked: Marked & { placed: Placed }
  basis: Basis
  shop: Shop
  machine: BenchMachine
  field: HoopField
  /** Where what is sewn at once lies on the item. */
  target: Pose
  size: { width: number; height: number }
}

/** How the design lies on the item: by quarter turns, and what is left over, which the hooping follows. */
export function squared({ rotation }: Pose): { quarter: number; lean: number } {
  const quarter = Math.round(rotation / 90) * 90
  return { quarter: ((quarter % 360) + 360) % 360, lean: rotation - quarter }
}

/** Which way up the piece is loaded for one hoop: as advised, or as it was taken, by the worker or for the ring's sake. */
export function loadPiece(ask: LoadPieceInput, taken?: Required<Pick<LoadingQuery, 'turn' | 'takenFor'>>): Loading {
  return orientLoading({ ...loadingQuery(ask), ...taken })
}

function loadingQuery({ piece, marked, basis, shop, machine, field, target, size }: LoadPieceInput): LoadingQuery {
  const { placed } = marked
  const made = itemAsMade(piece, marked.measures)
  const { quarter } = squared(target)
  const round = placed.row?.closed ?? false
  const tube = placed.item.tube !== null
  const end = made?.closedEnd
  return {
    design: { ...size, rotation: quarter },
    extents: extentsOf(placed, target, made?.goesOn ?? {}),
    layers: tube || round ? 2 : 1,
    thickness: basis.cloth.thicknessMm ?? 0.5,
    field,
    quarterTurns: true,
    closed: { left: tube || round, right: tube || round, ...(end ? { [end]: true } : {}) },
    machine,
    habit: shop.habits.loading,
    names: wayNames(piece, marked),
    style: { unit: shop.unit, fraction: shop.fraction },
  }
}

/**
 * Cloth each way from the design's centre to the item's edge there, as the item lies straightened to the design: a sleeve hangs
 * from the side, and is not on the way. A skirt hangs half its hem wide.
 */
function extentsOf({ item, row }: Placed, target: Pose, goesOn: Partial<Record<Way, number>>): LoadingQuery['extents'] {
  const { lean } = squared(target)
  const seen = item.outline.map((p): Point => rotatePoint({ x: p.x - target.x, y: p.y - target.y }, -lean))
  const crossed = (level: boolean): number[] =>
    seen.flatMap((a, i) => {
      const b = seen[(i + 1) % seen.length]!
      const [p, q, from, to] = level ? [a.y, b.y, a.x, b.x] : [a.x, b.x, a.y, b.y]
      return p <= 0 === q <= 0 ? [] : [from + (-p / (q - p)) * (to - from)]
    })
  const across = crossed(true)
  const along = crossed(false)
  const reach = (found: number[], way: 1 | -1): number =>
    Math.min(Infinity, ...found.map((at) => at * way).filter((at) => at > 0))
  const known = (mm: number): number => (Number.isFinite(mm) ? mm : 0)
  const on = (way: Way): number => goesOn[way] ?? 0
  const round = row?.closed ? row.length / 4 : null
  return {
    up: known(reach(along, -1)) + on('up'),
    down: known(reach(along, 1)) + on('down'),
    left: round ?? known(reach(across, -1)) + on('left'),
    right: round ?? known(reach(across, 1)) + on('right'),
  }
}
