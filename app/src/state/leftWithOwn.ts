import type { Movement } from '@thimble/contract'

type Stock = { id: string; revision: number }

/**
 * What is left with what was written down here and is not in the number yet: the server counts a movement first, and
 * the thing it moved after it.
 */
export function leftWithOwn(left: number | null, { id, revision }: Stock, own: readonly Movement[]): number | null {
  return own
    .filter((m) => m.ofId === id && (m.revision === 0 || m.revision > revision))
    .sort((a, b) => a.createdAt.localeCompare(b.createdAt))
    .reduce<number | null>((so, { kind, amount, found }) => {
      if (found !== null) return found
      return so === null && kind !== 'bought' ? null : (so ?? 0) + amount
    }, left)
}
