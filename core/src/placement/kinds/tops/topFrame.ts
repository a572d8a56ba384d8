import { message } from '../../../messages/message'
import { CoreError } from '../../../errors'
import { at } from '../../curve'
import type { CentreLevel } from '../../centreOf'
import type { Measures } from '../../measures'

/** What every chest placement asks; the length of the body where it was measured. */
export type TopId = 'chestWidth' | 'neckWidth' | 'shoulderToUnderarm' | 'neckDrop'
export type Top = Measures<TopId>

/** Levels and widths of any top that its drawing and its placements share; y = 0 at the front neck seam. */
export function topFrame(m: Top) {
  const half = m.chestWidth / 2
  const shoulder = at(m.neckWidth / 2, -m.neckDrop)
  const underarm = at(half, m.shoulderToUnderarm - m.neckDrop)
  const tip = at(half * 0.86, shoulder.y + half * 0.19)
  const hem = shoulder.y + (m.bodyLength ?? m.chestWidth * 1.32)
  return { half, shoulder, underarm, tip, hem, armhole: { x: half * 0.8, y: (tip.y + underarm.y) / 2 } }
}

/** @throws CoreError('contradiction') for numbers that no garment has together */
export function requireSoundTop(m: Top): void {
  if (m.neckWidth >= m.chestWidth * 0.7) {
    const says = message('item.the-neck-comes-out-nearly')
    throw new CoreError('contradiction', says, 'measures.neckWidth')
  }
  if (m.neckDrop >= m.shoulderToUnderarm) {
    const says = message('item.the-neck-seam-comes-out')
    throw new CoreError('contradiction', says, 'measures.neckDrop')
  }
  if (m.bodyLength !== undefined && m.bodyLength <= m.shoulderToUnderarm * 1.1) {
    const says = message('item.the-hem-comes-out-above')
    throw new CoreError('contradiction', says, 'measures.bodyLength')
  }
}

/** How far out the armhole seam lies at a height, for keeping a chest design inside it. */
export function armholeAt(m: Top, y: number): number {
  const { tip, underarm, armhole, half } = topFrame(m)
  if (y <= tip.y) return tip.x
  if (y >= underarm.y) return half
  // The seam is a quadratic curve from the tip through a control point level with its middle to the underarm.
  const t = (y - tip.y) / (underarm.y - tip.y)
  return (1 - t) ** 2 * tip.x + 2 * t * (1 - t) * armhole.x + t * t * underarm.x
}

/** The neck is where the wearer looks first; underarm and hem say where the body hangs. */
export function topLevels(m: Top): CentreLevel[] {
  const { shoulder, underarm, hem } = topFrame(m)
  return [
    { id: 'neck', name: 'level.neck', y: shoulder.y, width: m.neckWidth, part: 'start' },
    { id: 'underarm', name: 'level.underarm', y: underarm.y, width: m.chestWidth, part: 'body' },
    { id: 'hem', name: 'level.hem', y: hem, width: m.hemWidth ?? m.chestWidth, part: 'body' },
  ]
}
