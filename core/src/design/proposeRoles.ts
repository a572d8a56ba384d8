import type { DesignBlock } from './design'
import { followsOutline, outlineOfBlock } from './outline'
import type { OfPatch } from './patchRoles'

/**
 * What each block does for a patch, where the drawing tells it: an outline drawn once, then again, then satin over the same
 * line, whatever the colours. Stitch counts tell nothing.
 *
 * Source: core.md section 7.
 *
 * @returns one entry a block, in order; patches are named “Patch 1” and so on as their first line is drawn
 * @example proposeRoles([line round a heart, the same line, satin over it]).map(({ role }) => role) // ['placement', 'tack', 'cover']
 */
function proposeRoles(blocks: readonly DesignBlock[]): OfPatch[] {
  const outlines = blocks.map(outlineOfBlock)
  const roles: OfPatch[] = blocks.map(() => ({}))
  let patches = 0
  for (const [i, first] of outlines.entries()) {
    if (!first || first.covers || roles[i]!.patch) continue
    const later = outlines.flatMap((one, j) =>
      j > i && one && !roles[j]!.patch && followsOutline(one, first) ? [j] : [],
    )
    const cover = later.findIndex((j) => outlines[j]!.covers)
    if (cover < 1) continue
    const patch = `Patch ${++patches}`
    roles[i] = { patch, role: 'placement' }
    later.forEach((j, n) => (roles[j] = { patch, role: n < cover ? 'tack' : outlines[j]!.covers ? 'cover' : 'detail' }))
  }
  return roles
}

/** The blocks, each with what it does for a patch where that is told. */
export function withRoles(blocks: readonly DesignBlock[]): DesignBlock[] {
  const roles = proposeRoles(blocks)
  return blocks.map((block, i) => ({ ...block, ...roles[i] }))
}
