import type { Hoop } from '@thimble/contract'
import { rankHoops } from '@thimble/core/hooping'
import { roundUpToTape } from '@thimble/core/lengths'
import type { HoldingMethod } from '@thimble/core/recipe'
import { heldIn } from '../stack/asHeld'
import { notTaken } from './benchMachine'
import { sourceOf } from './hoopSource'
import type { PlanHoopInput } from './offerHoop'
import { type HoopPlan, styleOf } from './planHoop'

/** How far the design would go at most, by which steps it is looked for, and in how many of the hoops. */
const [FARTHEST, STEP, TRIED] = [100, 10, 3]

/** `down`: mm the design goes toward the item's foot, negative toward its top; `beyond`: cloth then left beyond the hoop. */
type MoveToHoop = { hoop: string; name: string; down: number; beyond: number | null }

/**
 * The least move up or down the item at which some hoop that the machine takes holds the cloth itself; null where there is
 * none, or none is needed. Looked for by centimetres, then by the tape.
 *
 * @example a badge over a pocket: { name: 'Square 100', down: -20, beyond: 60 }, as 20 mm higher the ring clears the pocket
 */
export function moveToHoop(
  { marked: { design, placed }, hoops, machines, shop }: Pick<PlanHoopInput, 'marked' | 'hoops' | 'machines' | 'shop'>,
  { ranked, machine }: Pick<HoopPlan, 'ranked' | 'machine'>,
): MoveToHoop | null {
  if (!placed || placed.row) return null
  const style = styleOf(shop)
  const rotations = [...new Set(ranked.map(({ rotation }) => rotation))]
  const { item, pose } = placed
  const at = (hoop: Hoop, down: number): MoveToHoop | null => {
    const [choice] = rankHoops({
      ...{ hull: design.hull, hoops: [sourceOf(hoop)], rotations, style },
      holding: heldIn(hoop, 'hooped') as Exclude<HoldingMethod, 'backing-alone'>,
      item: { target: { ...pose, y: pose.y + down }, outline: item.outline, zones: item.zones, tube: item.tube },
    })
    return choice!.fits ? { hoop: hoop.id, name: hoop.name, down, beyond: choice!.clothBeyondRing } : null
  }
  const tried = hoops.filter((hoop) => !notTaken(hoop, machine, machines)).slice(0, TRIED)
  for (let far = 0; far <= FARTHEST; far += STEP)
    for (const way of far === 0 ? [1] : [-1, 1])
      for (const hoop of tried) if (at(hoop, way * far)) return far === 0 ? null : nearest(hoop, way, far)
  return null

  /** By the tape's marks from the last place where it could not lie. */
  function nearest(hoop: Hoop, way: number, far: number): MoveToHoop | null {
    const mark = roundUpToTape(0.1, style)
    for (let mm = roundUpToTape(far - STEP, style); mm < far; mm += mark) {
      const found = mm > 0 ? at(hoop, way * mm) : null
      if (found) return found
    }
    return at(hoop, way * roundUpToTape(far, style))
  }
}
