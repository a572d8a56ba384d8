import { stitch as t } from '@thimble/language/en/stitch'
import type { DesignCard } from '@thimble/contract'
import { boxOf, rotatePoint } from '@thimble/core/plane'
import { blockAt } from '@thimble/core/sewing'
import type { PieceDesign } from '@thimble/plan'
import type { Sewing } from '@thimble/plan/stitching'
import { useEffect, useMemo, useRef } from 'react'
import { View as Box } from 'react-native'
import { DesignPainter } from '@/shared/designPainter'
import { useOpened } from '@/shared/useOpened'
import { fitAll, type View } from '@/drawing/scale'
import { useWidth } from '@/drawing/useWidth'
import { usePalette } from '@/theme/PaletteProvider'
import type { BlockInk } from '@/workers/blockInk'

type Props = {
  design: PieceDesign
  card: DesignCard | null
  sewing: Sewing
  cloth: string
  height: number
  stitchNow: () => number
  moves: boolean
}

/** How strongly what is still to be sewn shows. */
const GHOST = 0.28

/** The design as it lies in front of the worker, drawn as far as it is sewn, with the needle's place in it. */
export function StitchingDrawing({ design, card, sewing, cloth, height, stitchNow, moves }: Props) {
  const { width, onLayout } = useWidth()
  const turn = sewing.dialled?.rotation ?? 0
  const own = useMemo(
    () => ({
      scale: design.change?.scale ?? 1,
      mirror: design.change?.mirror ?? 'none',
      rotate: (design.change?.rotate ?? 0) + turn,
    }),
    [design.change, turn],
  )
  const { opened } = useOpened(card, own)
  const ink = useMemo(() => opened?.ink ?? shapeInk(design, turn), [opened, design, turn])
  const view = useMemo(() => {
    const { left, right, top, bottom } = boxOf(design.hull.map((p) => rotatePoint(p, turn)))
    return width > 0 ? fitAll({ left, right, top, bottom }, width, height, 16) : null
  }, [design.hull, turn, width, height])
  return (
    <Box
      role="img"
      aria-label={t('the-design-as-far-as')}
      style={{ height, backgroundColor: cloth }}
      onLayout={onLayout}
    >
      {view ? <Sewn {...{ ink, view, sewing, stitchNow, moves }} /> : null}
    </Box>
  )
}

/** One known by its size alone: its shape, a block of it for each colour. */
function shapeInk({ hull, colours }: PieceDesign, turn: number): BlockInk[] {
  const points = Float32Array.from(hull.map((p) => rotatePoint(p, turn)).flatMap(({ x, y }) => [x, y]))
  return colours.map((colour) => ({ colour, stitched: false, points, starts: Uint32Array.of(0) }))
}

type SewnProps = Pick<Props, 'sewing' | 'stitchNow' | 'moves'> & { ink: readonly BlockInk[]; view: View }

/** Painted frame by frame past the page's own drawing, so that nothing else is redrawn for a stitch. */
function Sewn({ ink, view, sewing, stitchNow, moves }: SewnProps) {
  const p = usePalette()
  const canvas = useRef<HTMLCanvasElement>(null)
  const ratio = Math.min(2, window.devicePixelRatio || 1)
  const painter = useMemo(() => new DesignPainter(ink, view, ratio), [ink, view, ratio])
  const ghost = useMemo(() => new DesignPainter(ink, view, ratio), [ink, view, ratio])
  useEffect(() => {
    let frame = 0
    const draw = (): void => {
      const whole = ghost.go(ghost.total)
      const there = painter.go(stepAt(ink, sewing, stitchNow()))
      const pen = canvas.current?.getContext('2d')
      if (pen) paint(pen, { ghost, painter, view, ratio, mark: p.weld, edge: p.ink })
      if (moves || !whole || !there) frame = requestAnimationFrame(draw)
    }
    frame = requestAnimationFrame(draw)
    return () => cancelAnimationFrame(frame)
  }, [ink, sewing, stitchNow, moves, painter, ghost, view, ratio, p])
  return (
    <canvas
      ref={canvas}
      width={Math.ceil(view.width * ratio)}
      height={Math.ceil(view.height * ratio)}
      style={{ width: view.width, height: view.height, display: 'block' }}
    />
  )
}

/** How far the picture is: stitches of a list, and of artwork the blocks that are whole. */
function stepAt(ink: readonly BlockInk[], { program }: Sewing, stitch: number): number {
  const sewn = program.blocks[blockAt(program, stitch)]!
  const before = ink.slice(0, sewn.block).reduce((sum, one) => sum + stepsOf(one), 0)
  const share = sewn.to > sewn.from ? (stitch - sewn.from) / (sewn.to - sewn.from) : 1
  const block = ink[sewn.block]
  return before + Math.floor(Math.min(1, share) * (block ? stepsOf(block) : 0))
}

const stepsOf = ({ stitched, points }: BlockInk): number => (stitched ? points.length / 2 : 1)

type Picture = { ghost: DesignPainter; painter: DesignPainter; view: View; ratio: number; mark: string; edge: string }

function paint(pen: CanvasRenderingContext2D, { ghost, painter, view, ratio, mark, edge }: Picture): void {
  pen.setTransform(1, 0, 0, 1, 0, 0)
  pen.clearRect(0, 0, pen.canvas.width, pen.canvas.height)
  pen.globalAlpha = GHOST
  pen.drawImage(ghost.canvas, 0, 0)
  pen.globalAlpha = 1
  pen.drawImage(painter.canvas, 0, 0)
  const at = painter.needle()
  if (!at) return
  pen.setTransform(ratio, 0, 0, ratio, 0, 0)
  const [x, y] = [(at.x - view.left) * view.k, (at.y - view.top) * view.k]
  for (const [colour, width] of [
    [edge, 6],
    [mark, 3.5],
  ] as const) {
    pen.strokeStyle = colour
    pen.lineWidth = width
    pen.beginPath()
    pen.moveTo(x - 11, y)
    pen.lineTo(x + 11, y)
    pen.moveTo(x, y - 11)
    pen.lineTo(x, y + 11)
    pen.stroke()
  }
}
