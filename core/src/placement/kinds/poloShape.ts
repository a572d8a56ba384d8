import type { ItemShape, Measures } from '../itemKind'
import { at, curve, fromRightHalf, mirrored } from '../curve'

/** The polo's levels and widths that both its drawing and its placements use; y = 0 at the front neck seam. */
export function poloFrame(m: Measures) {
  const half = m.chestWidth! / 2
  const shoulder = at(m.neckWidth! / 2, -m.neckDrop!)
  const underarm = at(half, m.shoulderToUnderarm! - m.neckDrop!)
  const tip = at(half * 0.86, shoulder.y + half * 0.19)
  return { half, shoulder, underarm, tip, hem: shoulder.y + m.chestWidth! * 1.32 }
}

/** A polo laid flat, face up: body, sleeves, collar and placket, drawn from its measurements. */
export function poloShape(m: Measures): ItemShape {
  const { half, shoulder, underarm, tip, hem } = poloFrame(m)
  const cuffTop = at(half * 1.5, tip.y + half * 0.62)
  const cuffFoot = at(half * 1.28, underarm.y + half * 0.18)
  const collarFoot = at(m.neckWidth! * 0.2, m.neckDrop! * 0.32)
  const collarEdge = at(shoulder.x + 24, shoulder.y + 12)
  const outline = fromRightHalf([
    at(0, shoulder.y - 12),
    ...curve(at(m.neckWidth! * 0.3, shoulder.y - 14), at(shoulder.x * 0.8, shoulder.y - 12), shoulder, 4),
    tip,
    ...curve(tip, at(half * 1.2, tip.y + half * 0.16), cuffTop, 6).slice(1),
    cuffFoot,
    underarm,
    ...curve(underarm, at(half * 0.975, (underarm.y + hem) / 2), at(half * 0.99, hem), 6).slice(1),
  ])
  const armhole = curve(tip, at(half * 0.8, (tip.y + underarm.y) / 2), underarm, 8)
  const neck = curve(at(0, 0), at(shoulder.x * 0.72, 0), shoulder, 8)
  const collar = [
    ...neck,
    collarEdge,
    ...curve(collarEdge, at(shoulder.x * 0.86, collarFoot.y * 0.6), collarFoot, 4).slice(1),
    at(6, 4),
  ]
  const placket = [at(-16, 0), at(16, 0), at(16, 140), at(-16, 140)]
  const strip = (points: { x: number; y: number }[]) => [
    ...points.map((p) => at(p.x - 5, p.y)),
    ...[...points].reverse().map((p) => at(p.x + 5, p.y)),
  ]
  const backNeck = curve(at(-shoulder.x, shoulder.y), at(0, shoulder.y + 14), shoulder, 6)
  return {
    outline,
    details: [
      { kind: 'seam', points: armhole },
      { kind: 'seam', points: mirrored(armhole) },
      { kind: 'seam', points: backNeck },
      { kind: 'seam', points: collar, closed: true },
      { kind: 'seam', points: mirrored(collar), closed: true },
      { kind: 'opening', points: placket, closed: true },
      { kind: 'button', points: [at(0, 34)] },
      { kind: 'button', points: [at(0, 84)] },
      { kind: 'fold', points: [at(-half * 0.98, hem - 18), at(half * 0.98, hem - 18)] },
    ],
    zones: [
      { id: 'placket', name: 'placket', outline: placket, clear: 10, ring: 'caution' },
      { id: 'collar-left', name: 'collar', outline: collar, clear: 10, ring: 'refused' },
      { id: 'collar-right', name: 'collar', outline: mirrored(collar), clear: 10, ring: 'refused' },
      { id: 'armhole-left', name: 'armhole seam', outline: strip(armhole), clear: 10, ring: 'refused' },
      { id: 'armhole-right', name: 'armhole seam', outline: strip(mirrored(armhole)), clear: 10, ring: 'refused' },
    ],
    tapes: [
      { id: 'chestWidth', from: at(-half, underarm.y + 22), to: at(half, underarm.y + 22) },
      { id: 'neckWidth', from: at(-shoulder.x, shoulder.y), to: shoulder },
      { id: 'shoulderToUnderarm', from: at(-shoulder.x, shoulder.y), to: at(-shoulder.x, underarm.y) },
      { id: 'neckDrop', from: at(0, shoulder.y), to: at(0, 0) },
    ],
    tube: { width: m.chestWidth! },
  }
}
