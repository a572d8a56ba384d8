import { CoreError } from '../errors'
import { type Named, type Message, message } from '../messages/message'
import type { Straightness, TrueTo } from './centreOf'
import type { TapeLine, ReferenceLine } from './itemShape'
import type { Laid, PlacementDistance } from './laid'
import type { Anchor, DesignEdge, PlacementContext, Spot, StepDraft } from './placementRule'
import { type Lie, sideOf } from './sides'

/** Another line, edge or side to count from than the placement's own, chosen by the worker. */
type OwnAnchor = { line: string; edge: DesignEdge; toward?: 1 | -1 | null }
export type OwnAnchors = { down?: OwnAnchor | null; across?: OwnAnchor | null }

type OneRequest = {
  spot: Spot
  context: PlacementContext
  distances: Readonly<Record<string, number>>
  anchors: OwnAnchors
  lie: Lie
  straightness: Straightness
  trueTo: (y: number) => TrueTo
}

type Held = { anchor: Anchor; line: ReferenceLine; assumed: number; centre: number; edgeAt: number }

/** One design at a distance from a level and an upright line, each to whichever edge of the design was chosen. */
export function placeSingle(q: OneRequest): Laid {
  const { spot, context, lie, straightness } = q
  const { width, height } = context.design
  const down = hold(spot.down, q.anchors.down, height, 'level', q)
  const across = hold(spot.across, q.anchors.across, width, 'upright', q)
  const body = across.line.id === 'centre' && straightness.measured && q.trueTo(down.centre) === 'body'
  const shift = body ? straightness.bodyAt(down.centre) : 0
  const turn = (spot.turn ?? 0) + (body ? straightness.bodyLean : 0)
  const pose = { x: across.centre + shift, y: down.centre, rotation: turn }
  const after = spot.after?.({ x: pose.x, y: pose.y })
  const isNone: IsNone = (mm) => context.write(mm) === context.write(0)
  const first = (spot.first ?? []).flatMap((step) => centreLineStep(step, q, across, body))
  return {
    copies: [{ pose, name: { own: '' } }],
    distances: [distanceOf(down, 'level'), distanceOf(across, 'upright')],
    tapes: tapesOf(down, across, pose.x, context, shift),
    steps: [...first, ...acrossSteps(across, spot, lie, isNone), ...downSteps(down, isNone), ...(after?.checks ?? [])],
    summary: summaryOf(down, across, isNone),
    warnings: [...(spot.warnings ?? []), ...(after?.warnings ?? [])],
  }
}

const edgeOffset = (edge: DesignEdge, size: number): number =>
  edge === 'centre' ? 0 : edge === 'start' ? -size / 2 : size / 2

function hold(
  usual: Anchor,
  own: OwnAnchor | null | undefined,
  size: number,
  axis: 'level' | 'upright',
  { context, distances }: OneRequest,
): Held {
  const lineOf = (id: string): ReferenceLine => {
    const line = context.shape.lines.find((l) => l.id === id && l.axis === axis)
    if (!line)
      throw new CoreError(
        'unknown-line',
        message('problem.that-line-isnt-on-this'),
        `anchors.${axis === 'level' ? 'down' : 'across'}`,
      )
    return line
  }
  const line = lineOf(usual.line)
  const centre = line.at + usual.toward * usual.mm - edgeOffset(usual.edge, size)
  const other =
    own && (own.line !== usual.line || own.edge !== usual.edge || (own.toward ?? usual.toward) !== usual.toward)
  const anchor = other ? counted(usual, own, lineOf(own.line), centre, size) : usual
  const from = lineOf(anchor.line)
  const mm = distances[anchor.id] ?? anchor.mm
  const edgeAt = from.at + anchor.toward * mm
  return {
    anchor: { ...anchor, mm },
    line: from,
    assumed: anchor.mm,
    edgeAt,
    centre: edgeAt - edgeOffset(anchor.edge, size),
  }
}

/**
 * The same place counted from another line, or to another edge of the design; where the line has a side of its own or
 * one was chosen and the design lies on the other, it rests on that side, as clear of the line as it should be.
 */
function counted(usual: Anchor, own: OwnAnchor, line: ReferenceLine, centre: number, size: number): Anchor {
  const far = centre + edgeOffset(own.edge, size) - line.at
  const toward = own.toward ?? line.toward ?? (far < 0 ? -1 : 1)
  const mm = far * toward >= 0 ? Math.abs(far) : (line.clear ?? 0)
  const id = `${usual.id}@${own.line}.${own.edge}${own.toward ? (own.toward > 0 ? '.on' : '.back') : ''}`
  return { line: own.line, edge: own.edge, id, mm, toward, plausible: [0, Math.max(60, 2 * mm)] }
}

const edgeNames = {
  level: { start: 'edge.top', centre: null, end: 'edge.foot' },
  upright: { start: 'edge.left', centre: null, end: 'edge.right' },
} as const

function distanceOf({ anchor, line, assumed }: Held, axis: 'level' | 'upright'): PlacementDistance {
  const way = axis === 'level' ? (anchor.toward > 0 ? 'below' : 'above') : 'from'
  const edge = edgeNames[axis][anchor.edge]
  const name = edge
    ? message(`distance.edge-${way}`, { edge, line: line.name })
    : message(`distance.${way}`, { line: line.name })
  return {
    id: anchor.id,
    name,
    mm: anchor.mm,
    assumed,
    plausible: anchor.plausible,
    counted: { axis, line: line.id, edge: anchor.edge, toward: anchor.toward },
  }
}

/** The tapes lie beside the design, so that they do not hide the marks. */
function tapesOf(down: Held, across: Held, x: number, { design }: PlacementContext, shift: number): TapeLine[] {
  const beside = x + (x < 0 ? -1 : 1) * (design.width / 2 + 30)
  // Counted from below, the upright tape lies under the design, so the level one goes above it.
  const level = down.centre + (down.anchor.toward > 0 ? 1 : -1) * (design.height / 2 + 34)
  const tapes: TapeLine[] = []
  if (down.anchor.mm > 0)
    tapes.push({ id: down.anchor.id, from: { x: beside, y: down.line.at }, to: { x: beside, y: down.edgeAt } })
  if (across.anchor.mm > 0)
    tapes.push({
      id: across.anchor.id,
      from: { x: across.line.at + shift, y: level },
      to: { x: across.edgeAt + shift, y: level },
    })
  return tapes
}

function centreLineStep(
  step: StepDraft,
  { lie, straightness, context }: OneRequest,
  across: Held,
  body: boolean,
): StepDraft[] {
  if (step.id !== 'centre-line') return [step]
  if (across.line.id !== 'centre') return []
  if (!straightness.measured) return [step]
  if (body) return [{ id: 'centre-line', said: message('step.line-body') }]
  const neck = context.measures.neckWidth
  if (!lie.worn || neck === undefined) return [{ id: 'centre-line', said: message('step.line-kept') }]
  return [{ id: 'centre-line', said: message('step.line-neck', { half: neck / 2 }) }]
}

/** Whether a length comes to nothing on the worker's tape. */
type IsNone = (mm: number) => boolean

function acrossSteps({ anchor, line, centre, edgeAt }: Held, spot: Spot, lie: Lie, isNone: IsNone): StepDraft[] {
  const step = (said: Message): StepDraft[] => [{ id: 'across', said }]
  const edge = edgeNames.upright[anchor.edge]
  const from: Named = line.id === 'centre' ? 'line.crease' : line.name
  const [toEdge, toCentre] = [edgeAt - line.at, centre - line.at]
  const [near, far] = [Math.abs(toEdge), Math.abs(toCentre)]
  if (!edge) {
    if (!isNone(far)) return step(message('step.across-draw', { line: from, far, side: sideOf(toCentre, lie) }))
    // The placement's own line was drawn by its first steps.
    const drawn = line.id === 'centre' || line.id === spot.across.line
    return drawn ? [] : step(message('step.across-line', { line: line.name }))
  }
  const [side, other] = [sideOf(toEdge, lie), sideOf(toCentre, lie)]
  if (isNone(far)) return step(message('step.across-edge-line', { line: from, edge, near, side }))
  if (isNone(near)) return step(message('step.across-edge-at', { line: from, edge, far, side: other }))
  if (toEdge * toCentre < 0) return step(message('step.across-edge-over', { line: from, near, side, edge, far, other }))
  const fills = { line: from, near, side, edge, far }
  return step(far > near ? message('step.across-edge-on', fills) : message('step.across-edge-back', fills))
}

/** The cross by a level: a ruler laid across, as a length measured down would lie beside the line it is to meet. */
function downSteps({ anchor, line, centre, edgeAt }: Held, isNone: IsNone): StepDraft[] {
  const [toEdge, toCentre] = [edgeAt - line.at, centre - line.at]
  const [near, far] = [Math.abs(toEdge), Math.abs(toCentre)]
  const edge = edgeNames.level[anchor.edge]
  const level = { line: line.name, far, way: wayOf(toCentre) }
  const cross = (said: Message): StepDraft => ({ id: 'depth', said, marks: ['cross'] })
  if (!edge)
    return [cross(isNone(far) ? message('step.level-at', { line: line.name }) : message('step.level-cross', level))]
  const first = isNone(near)
    ? message('step.level-edge-at', { edge, line: line.name })
    : message('step.level-edge', { line: line.name, near, way: wayOf(toEdge), edge })
  return [{ id: 'edge', said: first }, cross(fromEdge(toEdge, toCentre, level, isNone))]
}

/** From the design's edge to its cross: on, back, or back over the line. */
function fromEdge(
  toEdge: number,
  toCentre: number,
  level: { line: Named; far: number; way: string },
  isNone: IsNone,
): Message {
  if (isNone(level.far)) return message('step.level-back-at', { line: level.line })
  if (isNone(Math.abs(toEdge))) return message('step.level-on', level)
  if (toEdge * toCentre < 0) return message('step.level-over', level)
  return level.far > Math.abs(toEdge) ? message('step.level-on', level) : message('step.level-back', level)
}

const wayOf = (down: number): string => (down >= 0 ? 'way.below' : 'way.above')

function summaryOf(down: Held, across: Held, isNone: IsNone): Message {
  const far = Math.abs(down.centre - down.line.at)
  const fills = { line: down.line.name, across: acrossOf(across, isNone) }
  if (isNone(far)) return message('placed.on', fills)
  return message('placed.cross', { far, way: wayOf(down.centre - down.line.at), ...fills })
}

function acrossOf({ line, centre }: Held, isNone: IsNone): Named {
  const middle = line.id === 'centre'
  const far = Math.abs(centre - line.at)
  if (isNone(far)) return middle ? 'at.centre-line' : message('at.line', { line: line.name })
  return middle ? message('at.from-centre', { far }) : message('at.from-line', { far, line: line.name })
}
