import { useEffect, useMemo, useRef, useState } from 'react'
import { View as Box } from 'react-native'
import Svg, { G, Rect } from 'react-native-svg'
import { fitAll, type View } from '@/drawing/scale'
import { Tape } from '@/drawing/Tape'
import { usePalette } from '@/theme/PaletteProvider'
import type { OpenedDesign } from '@/workers/designWorker'
import { DesignPainter } from './designPainter'
import { paintLoad } from './loadLevels'

type Props = {
  opened: Pick<OpenedDesign, 'ink' | 'grid' | 'design'>
  height: number
  unit: 'mm' | 'cm' | 'in'
  ground: string
  /** Drawn up to this stitch; null: all. */
  upTo?: number | null
  load?: boolean
  label: string
}

const TAPE = 20

/** The design to scale between two tapes that count from its middle, drawn as far as it is stitched. */
export function DesignBoard({ opened, height, unit, ground, upTo = null, load = false, label }: Props) {
  const p = usePalette()
  const [width, setWidth] = useState(0)
  const { design } = opened
  const view = useMemo<View | null>(() => {
    if (width === 0) return null
    const [x, y] = [design.width / 2, design.height / 2]
    return fitAll({ left: -x, right: x, top: -y, bottom: y }, width - TAPE, height - TAPE, 14)
  }, [width, height, design.width, design.height])
  return (
    <Box
      role="img"
      aria-label={label}
      style={{ height, backgroundColor: ground }}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
    >
      {view ? (
        <>
          <Box style={{ position: 'absolute', left: TAPE, top: TAPE }}>
            <Stitches {...{ opened, view, upTo, load }} />
          </Box>
          <Box style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}>
            <Svg width={width} height={height}>
              <Rect x={0} y={0} width={TAPE} height={TAPE} fill={p.tape} />
              <G x={TAPE}>
                <Tape length={view.width} k={view.k} from={view.left} unit={unit} depth={TAPE} across />
              </G>
              <G y={TAPE}>
                <Tape length={view.height} k={view.k} from={view.top} unit={unit} depth={TAPE} />
              </G>
            </Svg>
          </Box>
        </>
      ) : null}
    </Box>
  )
}

type StitchesProps = Pick<Props, 'opened'> & { view: View; upTo: number | null; load: boolean }

function Stitches({ opened, view, upTo, load }: StitchesProps) {
  const p = usePalette()
  const canvas = useRef<HTMLCanvasElement>(null)
  const ratio = Math.min(2, window.devicePixelRatio || 1)
  const painter = useMemo(() => new DesignPainter(opened.ink, view, ratio), [opened.ink, view, ratio])
  useEffect(() => {
    const goal = upTo === null || load ? painter.total : Math.min(upTo, painter.total)
    let frame = 0
    const draw = (): void => {
      const there = painter.go(goal)
      const pen = canvas.current?.getContext('2d')
      if (!pen) return
      pen.setTransform(1, 0, 0, 1, 0, 0)
      pen.clearRect(0, 0, pen.canvas.width, pen.canvas.height)
      pen.drawImage(painter.canvas, 0, 0)
      pen.setTransform(ratio, 0, 0, ratio, 0, 0)
      if (load && opened.grid) paintLoad(pen, opened.grid, view, p)
      else if (there && upTo !== null && upTo < painter.total) paintNeedle(pen, painter, view, p.madder)
      if (!there) frame = requestAnimationFrame(draw)
    }
    frame = requestAnimationFrame(draw)
    return () => cancelAnimationFrame(frame)
  }, [painter, upTo, load, opened.grid, view, ratio, p])
  return (
    <canvas
      ref={canvas}
      width={Math.ceil(view.width * ratio)}
      height={Math.ceil(view.height * ratio)}
      style={{ width: view.width, height: view.height, display: 'block' }}
    />
  )
}

/** An upright stroke with a point, standing where the needle goes in. */
function paintNeedle(pen: CanvasRenderingContext2D, painter: DesignPainter, view: View, colour: string): void {
  const at = painter.needle()
  if (!at) return
  const [x, y] = [(at.x - view.left) * view.k, (at.y - view.top) * view.k]
  pen.fillStyle = colour
  pen.strokeStyle = '#ffffff'
  pen.lineWidth = 1.5
  pen.beginPath()
  pen.moveTo(x, y)
  pen.lineTo(x - 4, y - 12)
  pen.lineTo(x - 4, y - 34)
  pen.lineTo(x + 4, y - 34)
  pen.lineTo(x + 4, y - 12)
  pen.closePath()
  pen.fill()
  pen.stroke()
}
