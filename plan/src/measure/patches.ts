import type { DesignCard } from '@thimble/contract'
import type { OfPatch } from '@thimble/core/design'

/** What each block does for a patch, in the order it is stitched; empty: the design has no patch. */
export function patchesOf({ colours, order, roles }: Pick<DesignCard, 'colours' | 'order' | 'roles'>): OfPatch[] {
  if (!roles.some(Boolean)) return []
  return colours.map((_, i) => roles[order?.[i] ?? i] ?? {})
}

/** The roles of a group’s blocks; a patch of a name that another part has already is told apart by the part’s number. */
export function groupRoles(parts: readonly Pick<DesignCard, 'colours' | 'order' | 'roles'>[]): DesignCard['roles'] {
  const taken = new Set<string>()
  const roles = parts.flatMap((part, n) => {
    const blocks = patchesOf(part)
    const own = new Map(
      patchNames(blocks).map(({ name }) => [name, taken.has(name) ? `${name.slice(0, 34)}, ${n + 1}` : name]),
    )
    for (const name of own.values()) taken.add(name)
    return part.colours.map((_, i): DesignCard['roles'][number] => {
      const { patch, role, cutBeforehand = false } = blocks[i] ?? {}
      return patch && role ? { patch: own.get(patch)!, role, cutBeforehand } : null
    })
  })
  return roles.some(Boolean) ? roles : []
}

/** Patches by name, in the order their first block is stitched; of each whether its cloth is cut beforehand. */
export function patchNames(blocks: readonly OfPatch[]): { name: string; cutBeforehand: boolean }[] {
  const names = [...new Set(blocks.flatMap(({ patch }) => patch ?? []))]
  return names.map((name) => ({
    name,
    cutBeforehand: blocks.some(({ patch, cutBeforehand }) => patch === name && cutBeforehand),
  }))
}
