import type { Patch, Piece, TypedLength } from '@thimble/contract'

type Sized = {
  item: Pick<Piece['item'], 'size'>
  measure: Pick<Piece['measure'], 'carried' | 'measures' | 'distances'>
}
type Lengths = Readonly<Record<string, TypedLength>>

/** The numbers of an earlier piece, where they were taken on the size this one has; null: there are none that count. */
export function carriedHere({ item, measure: { carried } }: Sized): Piece['measure']['carried'] {
  return carried && (carried.size ?? item.size) === item.size ? carried : null
}

/**
 * Another size: its own usual numbers count from now on, and what was taken over from an earlier piece of another size
 * goes. What the tape said of this very piece stays.
 */
export function resized({ measure }: Sized, size: string): Patch<Piece> {
  const { carried } = measure
  if (!carried || carried.size === size) return { item: { size } }
  const without = (part: 'measures' | 'distances') => takenOver(measure[part], carried[part])
  return { item: { size }, measure: { measures: without('measures'), distances: without('distances') } }
}

/** A patch that takes away what stands as it came. */
const takenOver = (now: Lengths, before: Lengths): Record<string, null> =>
  Object.fromEntries(
    Object.entries(now).flatMap(([id, { text, unit }]) =>
      before[id]?.text === text && before[id].unit === unit ? [[id, null]] : [],
    ),
  )
