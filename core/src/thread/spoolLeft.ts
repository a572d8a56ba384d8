import { message } from '../messages/message'
import { CoreError } from '../errors'

const GRAMS_PER_TEX_METRES = 1000

/**
 * Metres left on a spool by what it weighs: tex is the grams of 1000 m.
 *
 * Source: core.md section 9, craft.md section 7.
 *
 * @param q.grossGrams the spool with its thread, grams
 * @param q.emptyGrams the bare spool, grams
 * @throws CoreError('bad-weight') below the empty weight, for a tex of nothing, or where something is not a number
 * @example spoolLeft({ grossGrams: 43, emptyGrams: 18, tex: 25 }) // 1000
 */
export function spoolLeft({
  grossGrams,
  emptyGrams,
  tex,
}: {
  grossGrams: number
  emptyGrams: number
  tex: number
}): number {
  if (!(emptyGrams >= 0 && Number.isFinite(emptyGrams)))
    throw new CoreError('bad-weight', message('problem.the-empty-spool-cant-weigh'), 'emptyGrams')
  if (!(grossGrams >= emptyGrams && Number.isFinite(grossGrams)))
    throw new CoreError('bad-weight', message('problem.the-spool-cant-weigh-less'), 'grossGrams')
  if (!(tex > 0 && Number.isFinite(tex)))
    throw new CoreError('bad-weight', message('problem.the-tex-of-a-thread'), 'tex')
  return ((grossGrams - emptyGrams) / tex) * GRAMS_PER_TEX_METRES
}
