import type { OfPatch, PatchRole } from './patchRoles'

/** What a block does for a patch, a bit a patch; `patch` 0: it belongs to none. */
export type PatchBits = { patch: number; role: PatchRole | null; beforehand: boolean }
/** Patches whose line is sewn, whose cloth is laid, which are tacked, and which are trimmed. */
export type Cloth = { placed: number; laid: number; tacked: number; trimmed: number }

export const NO_CLOTH: Cloth = { placed: 0, laid: 0, tacked: 0, trimmed: 0 }
/** More patches than a number has bits are planned as if they were none. */
const MOST_PATCHES = 31

/** The patches of blocks, numbered; null: there are none. */
export function patchBits(blocks: readonly OfPatch[]): PatchBits[] | null {
  const names = [...new Set(blocks.flatMap(({ patch }) => patch ?? []))].slice(0, MOST_PATCHES)
  if (names.length === 0) return null
  const beforehand = new Set(blocks.flatMap(({ patch, cutBeforehand }) => (patch && cutBeforehand ? [patch] : [])))
  return blocks.map(({ patch, role }) => {
    const at = patch ? names.indexOf(patch) : -1
    if (at < 0 || !role || role === 'detail') return { patch: 0, role: null, beforehand: false }
    return { patch: 1 << at, role, beforehand: beforehand.has(patch!) }
  })
}

/** Whether the machine stops for cloth before a block; as `clothBefore` says it. */
export function clothDue({ laid, tacked, trimmed }: Cloth, { patch, role }: PatchBits): boolean {
  if (role === 'tack') return (patch & ~laid) !== 0
  if (role === 'cover') return (patch & ~laid) !== 0 || (tacked & ~trimmed) !== 0
  return false
}

/** How the cloth is when a block is sewn. A patch cut beforehand counts as trimmed when it is tacked. */
export function clothAfter(cloth: Cloth, { patch, role, beforehand }: PatchBits): Cloth {
  const { placed, laid, tacked, trimmed } = cloth
  if (role === 'placement') return { ...cloth, placed: placed | patch }
  if (role === 'tack') {
    const done = laid & patch ? laid : laid | placed | patch
    return { placed, laid: done, tacked: tacked | patch, trimmed: beforehand ? trimmed | patch : trimmed }
  }
  return role === 'cover' ? { placed, laid: laid | patch, tacked, trimmed: trimmed | tacked } : cloth
}
