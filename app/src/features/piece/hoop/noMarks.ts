import type { Patch, Piece } from '@thimble/contract'

/** As a patch: nothing is told of where anything landed any more. */
export const noMarks = ({ hoop }: Pick<Piece, 'hoop'>): Patch<Piece['hoop']['landed']> =>
  Object.fromEntries(Object.keys(hoop.landed).map((id) => [id, null]))
