import type { HoopChoice } from '@thimble/core/hooping/rankHoops'
import { ringClearances, ringOnItem } from '@thimble/core/placement/clearances'
import { Words } from '@/ui/Words'
import type { PieceTools } from './usePiece'

/** How far the ring stays from pockets, zips and seams: the nearest few. */
export function RingRoom({ tools: { plan, shelf }, choice }: { tools: PieceTools; choice: HoopChoice }) {
  const hoop = shelf.hoops.find((h) => h.id === choice.hoop)
  const { placement } = plan
  if (!hoop || !placement || placement.row) return null
  const ring = ringOnItem(placement.pose, choice.pose, hoop.outside)
  const near = ringClearances(placement.item, ring)
    .filter((c) => c.mm > 0)
    .sort((a, b) => a.mm - b.mm)
  const names = near.filter((c, i) => near.findIndex((d) => d.name === c.name) === i).slice(0, 2)
  if (names.length === 0) return null
  return (
    <Words soft>{`The ring clears ${names.map((c) => `the ${c.name} by ${plan.writeRoom(c.mm)}`).join(', ')}.`}</Words>
  )
}
