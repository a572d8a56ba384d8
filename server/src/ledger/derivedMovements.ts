import type { Account, Machine, Movement, Piece, Take } from '@thimble/contract'
import { createHash } from 'node:crypto'

/** What a movement says beside its id, its times and its revision. */
export type Written = Omit<Movement, 'id' | 'createdAt' | 'updatedAt' | 'revision'> & { id: string; at: string }

/** An id that follows from what a movement is of, so that writing it twice is writing it once. */
export const derivedId = (...parts: readonly string[]): string =>
  createHash('sha256').update(parts.join('/')).digest('base64url').slice(0, 32)

const plain = { amount: 0, found: null, piece: null, factor: 1, note: '' } as const

/** A piece as it lies there: a record from before the stash was kept says nothing of what it took. */
type Recorded = Pick<Piece, 'id' | 'name'> & {
  build?: { cut?: Piece['build']['cut'] }
  finish: { kept: readonly { at: string; took?: readonly Take[] }[] }
}

/** What the stash lost to a piece: by its record, and by what was cut for it with its run before. */
export function takenBy(piece: Recorded | null | undefined): Written[] {
  if (!piece) return []
  const [record] = piece.finish.kept
  const [cut] = piece.build?.cut ?? []
  const went = (how: 'took' | 'cut', { at, took = [] }: { at: string; took?: readonly Take[] }): Written[] =>
    took.map(({ of, ofId, name, amount, factor }) => ({
      ...plain,
      ...{ id: derivedId(how, piece.id, of, ofId), at, of, ofId, name, factor, piece: piece.id },
      ...{ kind: how === 'cut' ? ('cut' as const) : ('used' as const), amount: -amount, note: piece.name },
    }))
  return [...(cut ? went('cut', cut) : []), ...(record ? went('took', record) : [])]
}

/** What follows from the needle and the bobbin a machine has: one less in the drawer, and a count that starts over. */
export function fittedIn(machine: Machine | null | undefined): Written[] {
  if (!machine) return []
  const { id: ofId, name, needle, bobbin } = machine
  const begins = (part: string, since: string, of: Account, found: number): Written => ({
    ...{ ...plain, id: derivedId('fitted', ofId, part, since, of), at: since, of, ofId, name, found },
    kind: 'fitted',
  })
  const leaves = (since: string, of: Account, from: string | null): Written[] =>
    from === null
      ? []
      : [
          {
            ...{ ...plain, id: derivedId('fitted', ofId, since, of, from), at: since, of, ofId: from, name },
            ...{ kind: 'fitted', amount: -1 },
          },
        ]
  return [
    ...(needle
      ? [
          begins('needle', needle.since, 'machines.needleMinutes', 0),
          begins('needle', needle.since, 'machines.needleStrikes', 0),
          ...leaves(needle.since, 'needles.left', needle.from),
        ]
      : []),
    ...(bobbin
      ? [
          begins('bobbin', bobbin.since, 'machines.bobbinM', bobbin.woundM),
          ...leaves(bobbin.since, 'bobbins.left', bobbin.from),
        ]
      : []),
  ]
}
