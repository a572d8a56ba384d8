import type { HoopChoice } from '@thimble/core/hooping'
import { ringClearances, ringOnItem } from '@thimble/core/placement'
import { writeName } from '@thimble/core/messages'
import { AdviceBar } from '@/ui/AdviceBar'
import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'

/** Nearer than this a hand does not keep it. */
const TOUCHING = 3

/** How far the ring stays from pockets, zips and seams: the nearest few. */
export function RingRoom({ tools: { plan, marked, shelf }, choice }: { tools: PieceTools; choice: HoopChoice }) {
  const hoop = shelf.hoops.find((h) => h.id === choice.hoop)
  const { placed } = marked
  if (!hoop || !placed || placed.row) return null
  const ring = ringOnItem(placed.pose, choice.pose, hoop.outside, hoop.notchOffset ?? undefined)
  const near = ringClearances(placed.item, ring)
    .filter((c) => c.mm > 0)
    .map((c) => ({ name: writeName(c.name), mm: c.mm }))
    .sort((a, b) => a.mm - b.mm)
  const names = near.filter((c, i) => near.findIndex((d) => d.name === c.name) === i).slice(0, 2)
  if (names.length === 0) return null
  const [least] = names
  if (least!.mm < TOUCHING)
    return (
      <AdviceBar
        advice={{
          ...{ code: 'ring-touches', severity: 'caution' },
          text: `The ring all but touches the ${least!.name}: fold it clear before you close the ring.`,
        }}
      />
    )
  return (
    <Text soft>{`The ring clears ${names.map((c) => `the ${c.name} by ${plan.writeRoom(c.mm)}`).join(', ')}.`}</Text>
  )
}
