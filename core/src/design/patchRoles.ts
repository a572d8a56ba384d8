/** What a block does for a patch of applied cloth: marks its place, holds it down, covers its edge, or is sewn on it. */
export const patchRoles = ['placement', 'tack', 'cover', 'detail'] as const
export type PatchRole = (typeof patchRoles)[number]

/** Which patch a block belongs to, by name, and what it does for it; `cutBeforehand`: its cloth is not trimmed in the hoop. */
export type OfPatch = { patch?: string; role?: PatchRole; cutBeforehand?: boolean }

/** Blocks of a patch that have to come in this order; details follow where they lie. */
export const rankOf = ({ patch, role }: OfPatch): number | null =>
  patch && role && role !== 'detail' ? patchRoles.indexOf(role) : null
