import { hoop as t } from '@thimble/language/en/hoop'
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
      says={t('the-machine-from-above-toward', {
        front: sides.front,
        back: sides.back,
        carriage: sides.carriage,
        throat: sides.throat,
      })}
    />
  )
}

const bulk = {
  'roll-and-tape': t('roll-it-and-tape-the'),
  'unpick-seam': t('unpick-that-sides-seam-and'),
  clip: t('clip-it-clear-of-the'),
} as const

/** What to see to at the machine, and what is done with the cloth that would be in the way, the house's way. */
export function LoadCautions({ tools: { piece, marked, shelf }, loading }: Omit<Props, 'at'>) {
  const ways = wayNames(piece, marked)
  const under = t('only-one-layer-under-the')
  const inTheWay = t('the-goes-under-the-machine', {
    ways: ways[loading.sides.throat.way],
    bulk: bulk[shelf.shop.habits.smallGarmentBulk],
    under,
  })
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
