import type { Patch, Piece } from '@thimble/contract'

/**
 * A part of a grouped design moved on a piece, by whole millimetres: a hand moves it by what is said, so that is what is
 * kept.
 */
export function movedPart({ hoop }: Pick<Piece, 'hoop'>, part: number, dx: number, dy: number): Patch<Piece['hoop']> {
  const was = hoop.moved[part] ?? { x: 0, y: 0 }
  return { moved: { [part]: { x: was.x + awayFromNothing(dx), y: was.y + awayFromNothing(dy) } } }
}

const awayFromNothing = (mm: number): number => Math.sign(mm) * Math.ceil(Math.abs(mm) - 1e-6) + 0
