import type { Hoop } from '@thimble/contract'
import type { Marked } from '../measure/placed'
import { hoopingsOf } from './rowHoopings'

/** How often a piece's design is sewn, and in how many hoopings. */
export type TimesSewn = { copies: number; hoopings: number }

/** A row falls into as few hoopings as the hoop takes; corners, and a row no hoop is known for, are hooped one by one. */
export function timesSewn(
  { placed, design }: Pick<Marked, 'placed' | 'design'>,
  hoop: Pick<Hoop, 'field'> | null,
): TimesSewn {
  const copies = placed?.copies.length ?? 1
  const groups = hoop && placed?.row ? hoopingsOf(placed.row, design.height, hoop) : null
  return { copies, hoopings: groups?.length ?? copies }
}
