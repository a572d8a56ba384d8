import { Button } from '@rneui/themed'
import type { Loading, LoadingTurn } from '@thimble/core/hooping'
import { writeName } from '@thimble/core/messages'
import { type HoopingAtHand, lastTime, loadingAtHand, type Move, moveAt, wayNames } from '@thimble/plan'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { useUnits } from '@/ui/useUnits'
import { Text } from '@/ui/Text'
import { AsLastTime } from '../AsLastTime'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { LoadCautions, LoadedSo } from './LoadedSo'
import { MoveBoxes } from './MoveBoxes'

type Props = { tools: PieceTools; at: HoopingAtHand }

/** Which way up it goes on the machine, and what to dial there. */
export function LoadSection({ tools, at }: Props) {
  const { piece, plan, marked, shelf } = tools
  const hooped = useHoopPlan(tools)
  const inUnits = useUnits()
  const { shop } = shelf
  const loading = loadingAtHand({ piece, shop, marked, plan: hooped, at })
  if (!loading) return null
  const front = wayNames(piece, marked)[loading.sides.front.way]
  // A way that came with Same again is nobody's own choice of today.
  const again = lastTime(piece, hooped)?.turn
  const move = moveAt({ piece, marked, hoop: hooped }, at)
  return (
    <Section title={`Load it ${front} toward you`} says={again ? undefined : inUnits(loading.because[0]!.text)}>
      <LoadedSo {...{ tools, at, loading }} />
      <Text bold>Dial in</Text>
      <MoveBoxes move={move} />
      <AsLastTime tools={tools} what="turn" />
      <AfterDialling move={move} plan={plan} />
      <LoadCautions tools={tools} loading={loading} />
      <OtherWays tools={tools} loading={loading} />
    </Section>
  )
}

function AfterDialling({ move, plan }: { move: Move; plan: PieceTools['plan'] }) {
  const { topEdge, left } = move
  const rest =
    left >= 0.05 ? `Its steps leave ${left.toFixed(1)} mm at the worst corner.` : 'Its steps leave nothing over.'
  const top = topEdge
    ? ` The design’s top edge then lies ${plan.write(Math.abs(topEdge.below))} ${topEdge.below >= 0 ? 'below' : 'above'} ${writeName(topEdge.line)}.`
    : ''
  return <Text>{`${rest}${top}`}</Text>
}

function OtherWays({ tools: { piece, set }, loading }: { tools: PieceTools; loading: Loading }) {
  const inUnits = useUnits()
  if (loading.others.length === 0 && piece.hoop.turn === null) return null
  return (
    <Disclosure title="Load it another way">
      {loading.others.map((other) => (
        <Button
          key={other.turn}
          type="outline"
          title={inUnits(other.text)}
          onPress={() => set({ hoop: { turn: other.turn as LoadingTurn } })}
        />
      ))}
      {piece.hoop.turn !== null ? (
        <Button type="outline" title="As advised again" onPress={() => set({ hoop: { turn: null } })} />
      ) : null}
    </Disclosure>
  )
}
