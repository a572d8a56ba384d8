import { type Advice, adviceOf, type Severity } from '../advice'
import { type Message, message } from '../messages/message'
import { CoreError } from '../errors'
import type { Box } from '../plane/box'
import type { Point } from '../plane/point'
import { areaOf, union } from '../plane/polygons'
import { centredDesign } from './centred'
import { type Design, type DesignBlock, MOST_FILE_BYTES, MOST_MM, MOST_STITCHES } from './design'
import { reckoned } from './estimate'
import { outlineOfShape, outlinesSewnOver } from './outline'
import { withRoles } from './proposeRoles'
import { trimsBetween } from './trimsBetween'
import { refuseOtherFiles } from './refuseOtherFiles'
import { cutShape, Painter, type PaintedShape } from './svg/paintedShapes'
import { badSvg, parseXml, type XmlNode } from './svg/parseXml'
import { firstStyle } from './svg/style'
import { type LengthFrame, userUnits } from './svg/lengths'
import { isWithin, rectClip } from './svg/clip'
import { opacityOf } from './svg/paint'
import { readViewBox, viewBoxMatrix } from './svg/viewport'
import { compose, scale } from 'transformation-matrix'

export type ReadSvgOptions = { pixelsPerInch?: number; dropBackground?: boolean }

/** What is told of a drawing, once each. */
const told: Record<string, readonly [Severity, Message]> = {
  text: ['caution', message('design.text-left-out')],
  picture: ['caution', message('design.picture-left-out')],
  foreign: ['caution', message('design.foreign-left-out')],
  script: ['note', message('design.script-dropped')],
  external: ['caution', message('design.external-dropped')],
  missing: ['caution', message('design.missing-part')],
  loop: ['caution', message('design.loop-dropped')],
  gradient: ['note', message('design.gradient-flattened')],
  pattern: ['caution', message('design.pattern-flattened')],
  marker: ['caution', message('design.marker-left-out')],
  mask: ['caution', message('design.mask-not-applied')],
  filter: ['caution', message('design.filter-not-applied')],
  clip: ['caution', message('design.clip-not-applied')],
  unsized: ['note', message('design.no-size')],
  beyond: ['caution', message('design.beyond-page')],
  background: ['note', message('design.white-page')],
  pixels: ['note', message('design.in-pixels')],
}

type Page = { width: number; height: number; frame: LengthFrame; matrix: ReturnType<typeof scale>; open: boolean }

/** The page in millimetres and how user units lie on it. @throws CoreError('bad-svg') */
function pageOf(root: XmlNode, perInch: number, tell: (code: string) => void): Page {
  const box = readViewBox(root.attributes.viewBox)
  const mm = 25.4 / perInch
  const given = (name: 'width' | 'height'): number | null => {
    const text = root.attributes[name]
    if (text === undefined || text.trim().endsWith('%') || text.trim() === 'auto') return null
    const units = userUnits(text, { width: 0, height: 0, perInch }, name)
    if (!(units > 0))
      throw badSvg(
        message('problem.a-drawing-has-no-size', {
          text,
          which: name === 'width' ? message('problem.wide') : message('problem.high'),
        }),
      )
    if (units * mm > MOST_MM) throw badSvg(message('problem.the-drawing-says-its-larger', { one: MOST_MM }))
    if (!/[a-oq-w]/i.test(text)) tell('pixels')
    return units
  }
  const [w, h] = [given('width'), given('height')]
  if (w === null && h === null) tell('unsized')
  if (!box)
    return {
      width: w ?? 300,
      height: h ?? 150,
      frame: { width: w ?? 300, height: h ?? 150, perInch },
      matrix: scale(mm, mm),
      open: w === null || h === null,
    }
  const width = w ?? (h === null ? box.width : (h * box.width) / box.height)
  const height = h ?? (w === null ? box.height : (w * box.height) / box.width)
  if (Math.max(width, height) * mm > MOST_MM)
    throw badSvg(message('problem.the-drawing-does-not-say', { one: MOST_MM }))
  const onPage = viewBoxMatrix(box, width, height, root.attributes.preserveAspectRatio)
  return {
    width,
    height,
    frame: { width: box.width, height: box.height, perInch },
    matrix: compose(scale(mm, mm), onPage),
    open: false,
  }
}

function isBackground(shape: PaintedShape | undefined, page: Box): boolean {
  if (!shape || shape.stroke || shape.colour !== '#ffffff') return false
  const whole = (page.right - page.left) * (page.bottom - page.top)
  return areaOf(shape.area) >= 0.999 * whole
}

function blockOf(colour: string, shapes: readonly PaintedShape[]): DesignBlock {
  const fills = shapes.filter((s) => !s.stroke).map((s) => s.area)
  const lines = shapes.flatMap((s) => s.stroke ?? [])
  return {
    colour,
    outlines: shapes.length === 1 ? shapes[0]!.area : union(shapes.map((s) => s.area)),
    fills,
    lines,
    stitchCount: reckoned({ fills, lines }).stitches,
    estimated: true,
    jumps: 0,
    trims: trimsBetween({ fills, lines }),
  }
}

/** Neighbouring shapes of one colour, in painting order; a line that is sewn over, and what sews over it, each by itself. */
function blocksOf(shapes: readonly PaintedShape[]): DesignBlock[] {
  const apart = outlinesSewnOver(shapes.map(({ area, stroke }) => outlineOfShape(area, stroke)))
  const runs: PaintedShape[][] = []
  for (const [i, shape] of shapes.entries()) {
    const run = runs.at(-1)
    if (run?.[0]!.colour === shape.colour && !apart.has(i) && !apart.has(i - 1)) run.push(shape)
    else runs.push([shape])
  }
  return withRoles(runs.map((run) => blockOf(run[0]!.colour, run)))
}

/**
 * Reads artwork at its real size: what is painted, as closed outlines a colour, in painting order, fill before stroke.
 * Curves are measured, not their control points; strokes, clip paths and the page's edge are heeded. Its stitches are
 * an estimate: rows 0.40 mm apart with stitches of 4 mm, strokes under 1 mm as running stitch of 2.5 mm, to 8 mm as
 * satin at 0.40 mm. Nothing is fetched, run or expanded.
 *
 * Source: core.md section 7 and SVG 1.1.
 *
 * @param o.pixelsPerInch size of a pixel and of a unit without a name; 96 unless told
 * @param o.dropBackground leaves out a white rectangle the size of the page behind everything
 * @throws CoreError('bad-svg') for what is no SVG, is malformed or beyond the limits; CoreError('empty') when nothing is
 *   painted
 * @example readDesignSvg('<svg xmlns="http://www.w3.org/2000/svg" width="40mm" height="20mm" viewBox="0 0 40 20">' +
 *   '<rect x="5" y="5" width="30" height="10"/></svg>') // width 30, height 10, pageBox { x: 5, y: 5 }
 */
// eslint-disable-next-line complexity -- one document, top to bottom
export function readDesignSvg(
  text: string,
  { pixelsPerInch = 96, dropBackground = false }: ReadSvgOptions = {},
): Design {
  if (!(pixelsPerInch > 0 && Number.isFinite(pixelsPerInch)))
    throw new CoreError('bad-request', message('problem.pixels-to-the-inch-are'), 'pixelsPerInch')
  if (text.length > MOST_FILE_BYTES) throw badSvg(message('problem.this-drawing-is-over-10'))
  refuseOtherFiles(text, 'SVG drawing')
  const codes = new Set<string>()
  const tell = (code: string): void => void codes.add(code)
  const root = parseXml(text)
  if (root.name !== 'svg') throw badSvg(message('problem.this-is-not-an-svg'))
  const page = pageOf(root, pixelsPerInch, tell)
  const mm = 25.4 / pixelsPerInch
  const paper = { left: 0, top: 0, right: page.width * mm, bottom: page.height * mm }
  const shapes = paint(root, page, tell)
  const onPaper = page.open ? shapes : onPaperOf(shapes, paper)
  if (onPaper !== shapes) tell('beyond')
  const background = !page.open && isBackground(onPaper[0], paper)
  if (background && !dropBackground) tell('background')
  const kept = background && dropBackground ? onPaper.slice(1) : onPaper
  if (kept.length === 0) throw new CoreError('empty', emptyText(codes, shapes.length > 0), 'file')
  const blocks = blocksOf(kept)
  if (blocks.reduce((sum, b) => sum + b.stitchCount, 0) > MOST_STITCHES)
    throw badSvg(message('problem.the-drawing-would-need-over'))
  const warnings = Object.entries(told).flatMap(([code, [severity, said]]): Advice[] =>
    codes.has(code) ? [adviceOf({ severity, said })] : [],
  )
  return centredDesign({ source: 'artwork', blocks, warnings })
}

function emptyText(codes: ReadonlySet<string>, painted: boolean): Message {
  if (codes.has('text')) return message('problem.the-drawing-is-only-text')
  if (codes.has('picture')) return message('problem.the-drawing-is-only-a')
  return painted ? message('problem.everything-in-the-drawing-is') : message('problem.the-drawing-is-empty')
}

function paint(root: XmlNode, page: Page, tell: (code: string) => void): PaintedShape[] {
  const painter = new Painter(root, tell)
  const style = painter.styleOf(root, firstStyle)
  if (style.display === 'none' || opacityOf(style.opacity) === 0) return []
  painter.paintChildren(root, { matrix: page.matrix, style, frame: page.frame, clip: null, inside: new Set() })
  return painter.shapes
}

const SLACK_MM = 0.001

/** The shapes as they show on the paper; the same list when nothing reaches beyond it. */
function onPaperOf(shapes: PaintedShape[], { left, right, top, bottom }: Box): PaintedShape[] {
  const corners = (by: number): Point[] => [
    { x: left - by, y: top - by },
    { x: right + by, y: top - by },
    { x: right + by, y: bottom + by },
    { x: left - by, y: bottom + by },
  ]
  const about = rectClip(corners(SLACK_MM))
  if (shapes.every((shape) => isWithin(shape.area, about))) return shapes
  const paper = rectClip(corners(0))
  return shapes.flatMap((shape) => cutShape(shape, paper) ?? [])
}
