import { Button } from '@rneui/themed'
import type { Loading, LoadingTurn, MachineSide } from '@thimble/core/hooping'
import { writeName } from '@thimble/core/words'
import { dialMove, type HoopingAtHand, wayNames } from '@thimble/plan'
import { LoadDrawing } from '@/drawing/LoadDrawing'
import { AdviceBar } from '@/ui/AdviceBar'
import { Choices } from '@/ui/Choices'
import { Opener } from '@/ui/Opener'
import { Section } from '@/ui/Section'
import { useUnits } from '@/ui/useUnits'
import { Words } from '@/ui/Words'
import { type PieceTools, useHoopPlan } from '../usePiece'
import { MoveBoxes } from './MoveBoxes'

type Props = { tools: PieceTools; at: HoopingAtHand; loading: Loading | null }

/** Which way up it goes on the machine, and what to dial there. */
export function LoadSection({ tools, at, loading }: Props) {
  const { piece, plan, marked, shelf, set } = tools
  const inUnits = useUnits()
  const { machine } = useHoopPlan(tools)
  if (!loading || !marked.placed) return null
  const ways = wayNames(piece, marked)
  const front = ways[loading.sides.front.way]
  const move = dialMove({ piece, shop: shelf.shop, marked, machine, at })
  const told = (side: MachineSide): string =>
    `${ways[loading.sides[side].way]}, ${plan.write(loading.sides[side].reach)}`
  const sides = { carriage: told('carriage'), throat: told('throat'), front: told('front'), back: told('back') }
  const { item } = marked.placed
  return (
    <Section title={`Load it ${front} toward you`} says={inUnits(loading.because[0]!.text)}>
      <LoadDrawing
        {...{ hoop: at.hoop, loading, machine, sides }}
        pose={at.pose}
        target={at.target}
        outline={item.outline}
        details={item.details}
        hull={at.hull}
        cloth={piece.build.cloth.colour}
        height={320}
        write={plan.write}
        says={`The machine from above: ${sides.front} toward you, ${sides.back} at the back, ${sides.carriage} toward the carriage, ${sides.throat} into the throat.`}
      />
      <Words bold>Dial at the machine</Words>
      <MoveBoxes move={move} />
      <AfterDialling move={move} plan={plan} />
      {loading.warnings.map((w) => (
        <AdviceBar key={w.code} advice={w} />
      ))}
      <Bulk tools={tools} loading={loading} ways={ways} />
      {loading.others.length > 0 || piece.hoop.turn !== null ? (
        <Opener title="Load it another way">
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
        </Opener>
      ) : null}
      <WhichMachine tools={tools} />
    </Section>
  )
}

type Ways = ReturnType<typeof wayNames>

function AfterDialling({ move, plan }: { move: ReturnType<typeof dialMove>; plan: PieceTools['plan'] }) {
  const { topEdge, left } = move
  const rest =
    left >= 0.05 ? `Its steps leave ${left.toFixed(1)} mm at the worst corner.` : 'Its steps leave nothing over.'
  const top = topEdge
    ? ` The design’s top edge then lies ${plan.write(Math.abs(topEdge.below))} ${topEdge.below >= 0 ? 'below' : 'above'} ${writeName(topEdge.line)}.`
    : ''
  return <Words>{`${rest}${top}`}</Words>
}

const bulk = {
  'roll-and-tape': 'Roll it and tape the roll, clear of the needle bar.',
  'unpick-seam': 'Unpick that side’s seam and lay it open, clear of the needle bar.',
  clip: 'Clip it clear of the needle bar.',
} as const

/** What is done with the cloth that would be in the way, the house's way. */
function Bulk({ tools, loading, ways }: { tools: PieceTools; loading: Loading; ways: Ways }) {
  const { habits } = tools.shelf.shop
  const under = 'Nothing but the one layer under the ring: feel all round.'
  if (!loading.roll)
    return tools.marked.placed?.item.tube && !loading.warnings.some((w) => w.code === 'one-layer') ? (
      <AdviceBar advice={{ code: 'one-layer', severity: 'caution', text: under }} />
    ) : null
  return (
    <AdviceBar
      advice={{
        code: 'bulk',
        severity: 'caution',
        text: `The ${ways[loading.sides.throat.way]} goes into the throat. ${bulk[habits.smallGarmentBulk]} ${under}`,
      }}
    />
  )
}

function WhichMachine({ tools: { piece, shelf, set } }: { tools: PieceTools }) {
  const standing = shelf.machines.filter((m) => m.onBench || m.id === piece.hoop.machineId)
  if (standing.length < 2) return null
  const first = shelf.machines.find((m) => m.onBench)
  return (
    <Choices
      label="Machine"
      choices={standing.map(({ id, name }) => ({ id, name }))}
      value={piece.hoop.machineId ?? first?.id ?? null}
      onChange={(machineId) => set({ hoop: { machineId, turn: null } })}
    />
  )
}
