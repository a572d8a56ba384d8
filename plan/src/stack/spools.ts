import type { Piece, Thread } from '@thimble/contract'
import { sameToTheEye } from '@thimble/core/colour'

/** The thread the worker sews a colour with, by the colour in small letters. */
export type Spools = Piece['build']['spools']

/** The thread a colour is sewn with: the one that was chosen for it, else the one that is the same to the eye; null: none. */
export function spoolFor(colour: string, threads: readonly Thread[], spools: Spools = {}): Thread | null {
  const chosen = spools[colour.toLowerCase()]
  return (chosen && threads.find(({ id }) => id === chosen)) || sameToTheEye(colour, threads)
}
