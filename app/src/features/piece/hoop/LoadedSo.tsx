import type { Loading, MachineSide } from '@thimble/core/hooping'
import { type HoopingAtHand, wayNames } from '@thimble/plan'
import { LoadDrawing } from '@/drawing/LoadDrawing'
import { AdviceBar } from '@/ui/AdviceBar'
import { type PieceTools, useHoopPlan } from '../usePiece'

type Props = { tools: PieceTools; at: HoopingAtHand; loading: Loading }

/** The machine from above with the piece on it as it is loaded. */
export function LoadedSo({ tools, at, loading }: Props) {
  const { piece, plan, marked } = tools
  const { machine } = useHoopPlan(tools)
  if (!marked.placed) return null
  const { outline, details } = marked.placed.item
  const ways = wayNames(piece, marked)
  const told = (side: MachineSide): string =>
    `${ways[loading.sides[side].way]}, ${plan.write(loading.sides[side].reach)}`
  const sides = { carriage: told('carriage'), throat: told('throat'), front: told('front'), back: told('back') }
  const { hoop, pose, target, hull } = at
  return (
    <LoadDrawing
      {...{ hoop, loading, machine, sides, pose, target, outline, details, hull }}
      cloth={piece.build.cloth.colour}
      height={320}
      write={plan.write}
      says={`The machine from above: ${sides.front} toward you, ${sides.back} at the back, ${sides.carriage} toward the carriage, ${sides.throat} under the machine arm.`}
    />
  )
}

const bulk = {
  'roll-and-tape': 'Roll it and tape the roll, clear of the needle bar.',
  'unpick-seam': 'Unpick that side’s seam and lay it open, clear of the needle bar.',
  clip: 'Clip it clear of the needle bar.',
} as const

/** What to see to at the machine, and what is done with the cloth that would be in the way, the house's way. */
export function LoadCautions({ tools: { piece, marked, shelf }, loading }: Omit<Props, 'at'>) {
  const ways = wayNames(piece, marked)
  const under = 'Only one layer under the hoop: feel all round.'
  const inTheWay = `The ${ways[loading.sides.throat.way]} goes under the machine arm. ${bulk[shelf.shop.habits.smallGarmentBulk]} ${under}`
  const round = marked.placed?.item.tube && !loading.warnings.some((w) => w.code === 'one-layer')
  return (
    <>
      {loading.warnings.map((w) => (
        <AdviceBar key={w.code} advice={w} />
      ))}
      {loading.roll ? <AdviceBar advice={{ code: 'bulk', severity: 'caution', text: inTheWay }} /> : null}
      {!loading.roll && round ? <AdviceBar advice={{ code: 'one-layer', severity: 'caution', text: under }} /> : null}
    </>
  )
}
