import type { OfPatch } from './patchRoles'

/** Patches by name: whose cloth is laid, and whose is trimmed, before the machine sews on. */
export type ClothHalt = { lay: string[]; trim: string[] }

/**
 * What is done to the cloth before each block: before a tack line every patch whose placement line is sewn is laid, all in
 * one halt; before a cover every tacked patch is trimmed, except one that was cut beforehand. A patch that nothing marked or
 * tacked is laid before what first sews it down.
 *
 * Source: core.md section 7.
 *
 * @param blocks one copy of the design, in the order it is sewn
 * @returns one entry a block; null: nothing
 * @example clothBefore([placement of A, tack of A, cover of A]) // [null, { lay: ['A'], trim: [] }, { lay: [], trim: ['A'] }]
 */
export function clothBefore(blocks: readonly OfPatch[]): (ClothHalt | null)[] {
  const [placed, laid, tacked, trimmed] = [new Set<string>(), new Set<string>(), new Set<string>(), new Set<string>()]
  const beforehand = new Set(blocks.flatMap(({ patch, cutBeforehand }) => (patch && cutBeforehand ? [patch] : [])))
  return blocks.map(({ patch, role }): ClothHalt | null => {
    if (!patch || !role || role === 'detail') return null
    if (role === 'placement') {
      placed.add(patch)
      return null
    }
    const due = role === 'tack' && !laid.has(patch) ? [...placed, patch] : [patch]
    const lay = [...new Set(due)].filter((one) => !laid.has(one))
    const trim = role === 'cover' ? [...tacked].filter((one) => !trimmed.has(one) && !beforehand.has(one)) : []
    for (const one of lay) laid.add(one)
    for (const one of trim) trimmed.add(one)
    if (role === 'tack') tacked.add(patch)
    return lay.length + trim.length > 0 ? { lay, trim } : null
  })
}

/** The same by what is done after each block; what comes before the first is none of these. */
export const clothHalts = (blocks: readonly OfPatch[]): (ClothHalt | null)[] => [...clothBefore(blocks).slice(1), null]
