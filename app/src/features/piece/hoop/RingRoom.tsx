import { hoop as t } from '@thimble/language/en/hoop'
import type { HoopChoice } from '@thimble/core/hooping'
import { ringClearances, ringOnItem } from '@thimble/core/placement'
import { writeName } from '@thimble/language'
import { AdviceBar } from '@/ui/AdviceBar'
import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'

/** Nearer than this a hand does not keep it. */
const TOUCHING = 3

type Props = { tools: PieceTools; choice: HoopChoice }

/** How near the hoop comes to pockets, zips and seams: the nearest few. */
function useNear({ tools: { marked, shelf }, choice }: Props): { name: string; mm: number }[] {
  const hoop = shelf.hoops.find((h) => h.id === choice.hoop)
  const { placed } = marked
  if (!hoop || !placed || placed.row) return []
  const ring = ringOnItem(placed.pose, choice.pose, hoop.outside, hoop.notchOffset ?? undefined)
  const near = ringClearances(placed.item, ring)
    .filter((c) => c.mm > 0)
    .map((c) => ({ name: writeName(c.name), mm: c.mm }))
    .sort((a, b) => a.mm - b.mm)
  return near.filter((c, i) => near.findIndex((d) => d.name === c.name) === i).slice(0, 2)
}

/** Says so where the hoop all but touches something. */
export function HoopTouches(props: Props) {
  const [least] = useNear(props)
  if (!least || least.mm >= TOUCHING) return null
  const text = t('the-hoop-nearly-touches-the', { name: least.name })
  return <AdviceBar advice={{ code: 'ring-touches', severity: 'caution', text }} />
}

export function RingRoom(props: Props) {
  const write = props.tools.plan.writeRoom
  const near = useNear(props)
  if (near.length === 0 || near[0]!.mm < TOUCHING) return null
  return (
    <Text soft>
      {t('the-hoop-clears', { near: near.map((c) => t('the-by', { name: c.name, mm: write(c.mm) })).join(', ') })}
    </Text>
  )
}
