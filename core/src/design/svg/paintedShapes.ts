import { message } from '../../messages/message'
import { applyToPoint, compose, identity, type Matrix, translate } from 'transformation-matrix'
import type { Point } from '../../plane/point'
import { areaOf, filledArea, type FillRule, intersection, union } from '../../plane/polygons'
import { bothClips, type Clip, isWithin, linesInside, rectClip } from './clip'
import { dashed } from './dashes'
import { flatten, type Polyline } from './flatten'
import { type LengthFrame, numbersIn, userUnits } from './lengths'
import { opacityOf, paintOf, type Tell } from './paint'
import { badSvg, type XmlNode } from './parseXml'
import { refusePath, shapePath } from './shapePath'
import { Cascade, type Style } from './style'
import { clockwise, strokePieces, type StrokeShape } from './strokeArea'
import { transformOf } from './transformOf'
import { readViewBox, viewBoxMatrix } from './viewport'

/** One thing painted, page millimetres: its area, and for a stroke its width and centre lines. */
export type PaintedShape = { colour: string; area: Point[][]; stroke?: { width: number; lines: Point[][] } }

/** Where an element stands: frame to page millimetres, what it inherits, and where painting is allowed. */
type Setting = {
  matrix: Matrix
  style: Style
  frame: LengthFrame
  clip: Clip | null
  inside: ReadonlySet<XmlNode>
}

const TOLERANCE_MM = 0.004
/** How often parts may be shown again by `use`, above once each. */
const MOST_REPEATS = 10_000
const MOST_SHAPES = 10_000

/** Elements that are passed over, and what is told of it. */
const unread: Record<string, string> = {
  text: 'text',
  image: 'picture',
  foreignObject: 'foreign',
  script: 'script',
}
const groups = new Set(['g', 'a', 'svg', 'symbol', 'switch'])

/** Walks a drawing and gathers what it paints, in painting order. */
export class Painter {
  readonly shapes: PaintedShape[] = []
  readonly #parents = new Map<XmlNode, XmlNode>()
  readonly #ids = new Map<string, XmlNode>()
  readonly #cascade: Cascade
  #visits = 0

  constructor(
    root: XmlNode,
    private readonly tell: Tell,
  ) {
    const sheets: string[] = []
    const look = (node: XmlNode): void => {
      const { id } = node.attributes
      if (id && !this.#ids.has(id)) this.#ids.set(id, node)
      if (node.name === 'style') sheets.push(node.text)
      for (const child of node.children) {
        this.#parents.set(child, node)
        look(child)
      }
    }
    look(root)
    if (sheets.some((sheet) => /@import/i.test(sheet))) tell('external')
    this.#cascade = new Cascade(sheets)
  }

  /** The root's own children; the root's viewport is the caller's. */
  paintChildren(node: XmlNode, setting: Setting): void {
    const shown = node.name === 'switch' ? node.children.filter((c) => groups.has(c.name)).slice(0, 1) : node.children
    for (const child of shown) this.paint(child, setting)
  }

  styleOf(node: XmlNode, inherited: Style): Style {
    const path = [node]
    for (let up = this.#parents.get(node); up; up = this.#parents.get(up)) path.unshift(up)
    return this.#cascade.styleOf(path, inherited)
  }

  paint(node: XmlNode, above: Setting): void {
    if (++this.#visits > this.#parents.size + MOST_REPEATS)
      throw badSvg(message('problem.the-drawing-repeats-itself-too'))
    if (unread[node.name]) return this.tell(unread[node.name]!)
    const style = this.styleOf(node, above.style)
    if (style.display === 'none' || opacityOf(style.opacity) === 0) return
    const matrix = compose(above.matrix, transformOf(style.transform ?? node.attributes.transform))
    const setting = this.#clipped({ ...above, matrix, style }, style)
    for (const property of ['mask', 'filter']) if (style[property] && style[property] !== 'none') this.tell(property)
    if (node.name === 'use') return this.#use(node, setting)
    if (node.name === 'symbol' && !above.inside.has(node)) return
    if (node.name === 'svg') return this.viewport(node, setting, false)
    if (groups.has(node.name)) return this.paintChildren(node, setting)
    const d = shapePath(node, setting.frame)
    if (d) this.#shape(node, d, setting)
  }

  /** A nested svg, or a symbol as it is used: a window of its own, clipped unless it says otherwise. */
  viewport(node: XmlNode, setting: Setting, isSymbol: boolean, size: Record<string, string> = node.attributes): void {
    const { frame, style } = setting
    const measure = (name: string, along: 'width' | 'height', otherwise: string): number => {
      const text = size[name] ?? node.attributes[name] ?? otherwise
      return userUnits(text === 'auto' ? otherwise : text, frame, along)
    }
    const [x, y] = isSymbol ? [0, 0] : [measure('x', 'width', '0'), measure('y', 'height', '0')]
    const [width, height] = [measure('width', 'width', '100%'), measure('height', 'height', '100%')]
    if (!(width > 0 && height > 0)) return
    const box = readViewBox(node.attributes.viewBox)
    const placed = compose(setting.matrix, translate(x, y))
    const matrix = box
      ? compose(placed, viewBoxMatrix(box, width, height, node.attributes.preserveAspectRatio))
      : placed
    const corners = [
      [0, 0],
      [width, 0],
      [width, height],
      [0, height],
    ].map(([cx, cy]) => applyToPoint(placed, { x: cx!, y: cy! }))
    const open = style.overflow === 'visible' || style.overflow === 'auto'
    this.paintChildren(node, {
      ...setting,
      matrix,
      clip: open ? setting.clip : bothClips(setting.clip, rectClip(corners)),
      frame: { ...frame, width: box?.width ?? width, height: box?.height ?? height },
    })
  }

  #use(node: XmlNode, setting: Setting): void {
    const href = node.attributes.href ?? node.attributes['xlink:href'] ?? ''
    if (!href.startsWith('#')) return this.tell('external')
    const target = this.#ids.get(href.slice(1))
    if (!target) return this.tell('missing')
    if (setting.inside.has(target)) return this.tell('loop')
    const at = (name: 'x' | 'y'): number =>
      userUnits(node.attributes[name] ?? '0', setting.frame, name === 'x' ? 'width' : 'height')
    const placed: Setting = {
      ...setting,
      matrix: compose(setting.matrix, translate(at('x'), at('y'))),
      inside: new Set([...setting.inside, target]),
    }
    if (target.name !== 'symbol' && target.name !== 'svg') return this.paint(target, placed)
    const style = this.styleOf(target, setting.style)
    if (style.display === 'none' || opacityOf(style.opacity) === 0) return
    const { width, height } = node.attributes
    this.viewport(target, { ...placed, style }, true, { ...(width ? { width } : {}), ...(height ? { height } : {}) })
  }

  #clipped(setting: Setting, style: Style): Setting {
    const value = style['clip-path']
    if (!value || value === 'none') return setting
    const id = /^url\(\s*["']?#([^"')]+)["']?\s*\)$/.exec(value)?.[1]
    const node = id ? this.#ids.get(id) : undefined
    if (!node || node.name !== 'clipPath' || node.attributes.clipPathUnits === 'objectBoundingBox') {
      this.tell('clip')
      return setting
    }
    if (setting.inside.has(node)) return setting
    return { ...setting, clip: bothClips(setting.clip, { area: this.#clipArea(node, setting), box: null }) }
  }

  /** What a clip path lets through: the union of its shapes, whatever they are painted with. */
  #clipArea(node: XmlNode, { matrix, frame, inside }: Setting): Point[][] {
    const style = this.styleOf(node, {})
    const within: Setting = {
      matrix: compose(matrix, transformOf(style.transform ?? node.attributes.transform)),
      style: { ...style, fill: '#000000', stroke: 'none' },
      frame,
      clip: null,
      inside: new Set([...inside, node]),
    }
    // A clip on the clip itself lies where the clipped thing lies, untouched by the clip's own transform.
    const own = { ...within, clip: this.#clipped({ ...within, matrix }, style).clip }
    const areas: Point[][][] = []
    const gather = (child: XmlNode, setting: Setting): void => {
      const look = this.styleOf(child, setting.style)
      if (look.display === 'none' || look.visibility === 'hidden') return
      const matrixHere = compose(setting.matrix, transformOf(look.transform ?? child.attributes.transform))
      const here = this.#clipped({ ...setting, matrix: matrixHere, style: look }, look)
      const href = child.attributes.href ?? child.attributes['xlink:href'] ?? ''
      const target = child.name === 'use' ? this.#ids.get(href.slice(1)) : undefined
      if (target && !setting.inside.has(target)) {
        const [x, y] = [child.attributes.x ?? '0', child.attributes.y ?? '0'].map(Number)
        const moved = compose(matrixHere, translate(x || 0, y || 0))
        return gather(target, { ...here, matrix: moved, inside: new Set([...setting.inside, target]) })
      }
      const d = shapePath(child, frame)
      if (!d) return
      const area = filledArea(
        this.#onPage(child, d, here).map((run) => run.points),
        ruleOf(look['clip-rule']),
      )
      areas.push(here.clip ? intersection(area, here.clip.area) : area)
    }
    for (const child of node.children) gather(child, own)
    return union(areas)
  }

  #onPage(node: XmlNode, d: string, { matrix }: Setting): Polyline[] {
    return this.#runs(node, d, matrix).map((run) => ({
      ...run,
      points: run.points.map((p) => applyToPoint(matrix, p)),
    }))
  }

  #runs(node: XmlNode, d: string, matrix: Matrix, stroked = false): Polyline[] {
    const size = sizeOf(matrix)
    if (!(size > 1e-9)) return []
    try {
      return flatten(d, TOLERANCE_MM / size, size, stroked)
    } catch (error) {
      return refusePath(node, (error as Error).message)
    }
  }

  #shape(node: XmlNode, d: string, setting: Setting): void {
    const { style, matrix } = setting
    if (style.visibility === 'hidden' || style.visibility === 'collapse') return
    const look = (name: 'fill' | 'stroke'): string | null => {
      const paint = paintOf(style[name]!, style, (id) => this.#ids.get(id), this.#cascade, this.tell)
      return paint && paint.alpha * opacityOf(style[`${name}-opacity`]) > 0 ? paint.colour : null
    }
    for (const end of ['start', 'mid', 'end']) if ((style[`marker-${end}`] ?? 'none') !== 'none') this.tell('marker')
    const [fill, stroke] = [node.name === 'line' ? null : look('fill'), look('stroke')]
    const runs = this.#runs(node, d, matrix, stroke !== null)
    if (fill) {
      const paths = runs.map((run) => run.points.map((p) => applyToPoint(matrix, p)))
      this.#add({ colour: fill, area: filledArea(paths, ruleOf(style['fill-rule'])) }, setting.clip)
    }
    if (stroke) this.#stroke(stroke, runs, setting)
  }

  #stroke(colour: string, runs: Polyline[], { style, matrix, frame, clip }: Setting): void {
    const fixed = style['vector-effect'] === 'non-scaling-stroke'
    const width = userUnits(style['stroke-width']!, frame, 'diagonal')
    if (!(width > 0)) return
    const scale = fixed ? 25.4 / frame.perInch : 1
    const to = fixed ? identity() : matrix
    const shape: StrokeShape = {
      width: width * scale,
      cap: style['stroke-linecap'] as StrokeShape['cap'],
      join:
        style['stroke-linejoin'] === 'round' || style['stroke-linejoin'] === 'bevel'
          ? style['stroke-linejoin']
          : 'miter',
      miterLimit: Number(style['stroke-miterlimit']) || 4,
    }
    const pattern = dashesOf(style, frame)
    const drawn = runs
      .map((run) => (fixed ? { ...run, points: run.points.map((p) => applyToPoint(matrix, p)) } : run))
      .flatMap((run) =>
        pattern
          ? dashed(
              run,
              pattern.map((n) => n * scale),
              userUnits(style['stroke-dashoffset']!, frame, 'diagonal') * scale,
            )
          : [run],
      )
    const size = sizeOf(to)
    const pieces = drawn.flatMap((run) => strokePieces(run, shape, TOLERANCE_MM / size))
    const onPage = pieces.map((piece) => clockwise(piece.map((line) => line.map((p) => applyToPoint(to, p)))))
    const lines = drawn.map(({ points, closed }) =>
      (closed ? [...points, points[0]!] : points).map((p) => applyToPoint(to, p)),
    )
    this.#add({ colour, area: union(onPage), stroke: { width: shape.width * size, lines } }, clip)
  }

  #add(whole: PaintedShape, clip: Clip | null): void {
    const shape = cutShape(whole, clip)
    if (!shape) return
    if (this.shapes.length >= MOST_SHAPES) throw badSvg(message('problem.the-drawing-has-over-10'))
    this.shapes.push(shape)
  }
}

/** What a clip leaves of a shape; null for nothing. */
export function cutShape(shape: PaintedShape, clip: Clip | null): PaintedShape | null {
  const cut = clip && !isWithin(shape.area, clip)
  const area = cut ? intersection(shape.area, clip.area) : shape.area
  if (!(areaOf(area) > 1e-6)) return null
  const { stroke } = shape
  if (!stroke || !cut) return { ...shape, area }
  return { colour: shape.colour, area, stroke: { ...stroke, lines: linesInside(stroke.lines, clip) } }
}

const ruleOf = (text: string | undefined): FillRule => (text === 'evenodd' ? 'evenodd' : 'nonzero')

/** How much larger a matrix makes things, on the whole. */
const sizeOf = ({ a, b, c, d }: Matrix): number => Math.sqrt(Math.abs(a * d - b * c))

function dashesOf(style: Style, frame: LengthFrame): number[] | null {
  const text = style['stroke-dasharray'] ?? 'none'
  if (text === 'none') return null
  const parts = text
    .trim()
    .split(/[\s,]+/)
    .filter(Boolean)
  return parts.every((part) => /^[\d.]+$/.test(part))
    ? numbersIn(text)
    : parts.map((part) => userUnits(part, frame, 'diagonal'))
}
