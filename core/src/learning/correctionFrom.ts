import type { BiasReport } from './placementBias'

const STEP_MM = 0.5
const toStep = (mm: number): number => Math.round(mm / STEP_MM) * STEP_MM + 0

/**
 * What to add to each move so that designs land where they are meant: right and down in mm, in steps of 0.5 mm; null
 * where the landings carry no drift worth correcting (craft.md section 12).
 *
 * @example correctionFrom({ mean: { dx: 0.2, dy: -1.9 }, worthCorrecting: { dx: false, dy: true } }) // { right: 0, down: 2 }
 */
export function correctionFrom({
  mean,
  worthCorrecting,
}: Pick<BiasReport, 'mean' | 'worthCorrecting'>): { right: number; down: number } | null {
  const right = worthCorrecting.dx ? toStep(-mean.dx) : 0
  const down = worthCorrecting.dy ? toStep(-mean.dy) : 0
  return right === 0 && down === 0 ? null : { right, down }
}
