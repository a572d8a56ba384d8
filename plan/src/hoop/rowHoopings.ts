import type { Hoop } from '@thimble/contract'
import type { PlannedRow } from '@thimble/core/placement'
import { type Hooping, rowFieldLength, splitHoopings } from '@thimble/core/rows'

/** How a row falls into hoopings of one hoop, with a little room at the ends where that leaves a motif. */
export function hoopingsOf(
  row: PlannedRow | null,
  motifHeight: number,
  { field }: Pick<Hoop, 'field'>,
): Hooping[] | null {
  if (!row) return null
  const long = sewnAlong(field, row.motif, motifHeight)
  return row.motif > long ? null : splitHoopings(row.centres, row.motif, long)
}

/** What a hoop sews of a row in one go. */
export function sewnAlong(field: Hoop['field'], motif: number, height: number): number {
  const easy = rowFieldLength(field, height, 5)
  return easy >= motif ? easy : rowFieldLength(field, height)
}
