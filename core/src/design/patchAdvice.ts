import { type Advice, adviceOf } from '../advice'
import { message } from '../messages/message'
import type { OfPatch, PatchRole } from './patchRoles'

/**
 * What does not hold together in what was said of the patches: one that nothing tacks down or marks, one that is covered or
 * tacked too early.
 *
 * Source: core.md section 7.
 *
 * @param blocks in the order they are stitched
 * @example patchAdvice([cover of A, tack of A]) // A is covered before it is tacked down
 */
export function patchAdvice(blocks: readonly OfPatch[]): Advice[] {
  const names = [...new Set(blocks.flatMap(({ patch }) => patch ?? []))]
  return names.flatMap((name) => {
    const first = (role: PatchRole): number => blocks.findIndex((one) => one.patch === name && one.role === role)
    const [placement, tack, cover] = [first('placement'), first('tack'), first('cover')]
    const said = faultOf({ placement, tack, cover })
    const severity = said === 'patch.no-line' ? 'note' : 'caution'
    return said ? [adviceOf({ severity, said: message(said, { patch: { own: name } }) })] : []
  })
}

function faultOf({ placement, tack, cover }: Record<'placement' | 'tack' | 'cover', number>) {
  if (tack < 0) return 'patch.no-tack'
  if (cover >= 0 && cover < tack) return 'patch.covered-early'
  if (placement > tack) return 'patch.tacked-early'
  return placement < 0 ? 'patch.no-line' : null
}
