import { type Advice, adviceOf } from '../../advice'
import { CoreError } from '../../errors'
import { message } from '../../messages/message'
import type { Design } from '../design'

/** What placing may do to a design, always worked out from the design as it was read. */
export const designMirrors = ['none', 'left-right', 'top-bottom'] as const
export type DesignChange = { scale: number; rotate: number; mirror: (typeof designMirrors)[number] }

const CAUTION_BEYOND = 0.1
const REFUSED_BEYOND = 0.2
const GRAIN = 1e-9

/** What scaling does to real stitches. @throws CoreError('too-much-scale') beyond 20 % */
export function scaleAdvice({ source }: Pick<Design, 'source'>, scale: number): Advice[] {
  const off = Math.abs(scale - 1)
  if (source !== 'stitches' || off <= CAUTION_BEYOND + GRAIN) return []
  const percent = Math.round(off * 100)
  if (off > REFUSED_BEYOND + GRAIN)
    throw new CoreError('too-much-scale', message('problem.is-too-much-for-a', { percent }), 'scale')
  const load = Math.round((1 / (scale * scale) - 1) * 100)
  const fills = { percent: { plain: percent }, load: { plain: Math.abs(load) } }
  const said = load > 0 ? message('design.scaled-more', fills) : message('design.scaled-fewer', fills)
  return [{ ...adviceOf({ severity: 'caution', said }), code: 'scaled' }]
}
