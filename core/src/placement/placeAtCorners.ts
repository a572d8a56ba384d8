import { type Message, message } from '../messages/message'
import { applyPose, composePose, type Pose } from '../plane/point'
import { cornerFrame, type CornerId, cornerIds } from './edgeFrame'
import type { Laid } from './laid'
import type { CornerSpot, PlacementChoice, PlacementContext, StepDraft } from './placementRule'

const cornerNames: Readonly<Record<CornerId, Message>> = {
  'upper-left': message('item.your-upper-left'),
  'upper-right': message('item.your-upper-right'),
  'lower-right': message('item.your-lower-right'),
  'lower-left': message('item.your-lower-left'),
}

export const whichCorner: PlacementChoice = {
  id: 'corner',
  name: message('item.which-corner'),
  choices: cornerIds.map((id) => ({ id, name: cornerNames[id] })),
  usual: 'lower-right',
}

type Size = { width: number; height: number }

/** How the distance is given: to the design's nearest edges (or its foot), or to its centre. */
export const countedTo: PlacementChoice = {
  id: 'counted',
  name: message('item.distance-to'),
  choices: [
    { id: 'edge', name: message('item.the-designs-edge') },
    { id: 'centre', name: message('item.its-centre') },
  ],
  usual: 'edge',
}

/** How a design by itself stands in its corner; one of four is always turned with it. */
export const howItStands: PlacementChoice = {
  id: 'stands',
  name: message('item.the-design-stands'),
  choices: [
    { id: 'turned', name: message('item.turned-with-its-corner') },
    { id: 'upright', name: message('item.upright') },
  ],
  usual: 'turned',
}

/**
 * Designs in one corner or in all four, each turned a quarter from the last. Square to the edges: the distance runs
 * from both edges; on the diagonal: from the point, the design's foot toward it (craft.md section 2).
 */
// eslint-disable-next-line complexity -- square and diagonal, counted to edge or centre
export function placeAtCorners(
  spot: CornerSpot,
  c: PlacementContext,
  distances: Readonly<Record<string, number>>,
): Laid {
  const { design } = c
  const toCentre = c.choices[countedTo.id] === 'centre'
  const inset = usualInset(spot, design)
  const usual = toCentre ? inset + (spot.diagonal ? design.height : Math.max(design.width, design.height)) / 2 : inset
  const id = toCentre ? `${spot.inset.id}@centre` : spot.inset.id
  const mm = distances[id] ?? usual
  const upright = !spot.four && !spot.diagonal && c.choices[howItStands.id] === 'upright'
  const local = (corner: CornerId): Pose =>
    localPose(spot.diagonal, mm, toCentre, upright && isSide(corner) ? turned(design) : design)
  const chosen = cornerIds.find((corner) => corner === c.choices[whichCorner.id]) ?? 'lower-right'
  const corners = spot.four
    ? [...cornerIds.slice(cornerIds.indexOf(chosen)), ...cornerIds.slice(0, cornerIds.indexOf(chosen))]
    : [chosen]
  const copies = corners.map((corner) => {
    const pose = composePose(cornerFrame(spot.box, corner), local(corner))
    return { pose: upright ? { ...pose, rotation: 0 } : pose, name: `corner.${corner}` }
  })
  const frame = cornerFrame(spot.box, chosen)
  const { pose } = copies[0]!
  const [across, up] = [Math.abs(pose.x - frame.x), Math.abs(pose.y - frame.y)]
  const where = spot.four ? 'the-corner.each' : `the-corner.${chosen}`
  const from = spot.diagonal ? message('item.the-point') : message('item.both-edges')
  const fromPoint = toCentre ? mm : mm + design.height / 2
  return {
    copies,
    distances: [
      {
        id,
        name: toCentre
          ? message('item.centre-from', { from })
          : spot.diagonal
            ? message('item.bottom-of-the-design-from')
            : message('item.designs-nearest-edges-from-both'),
        mm,
        assumed: usual,
        plausible: toCentre || spot.diagonal ? [0, 3 * usual] : spot.inset.plausible,
        counted: null,
      },
    ],
    tapes: cornerTapes(spot, frame, mm, id),
    steps: [
      ...(spot.first ?? []),
      ...(spot.diagonal ? diagonalSteps(mm, fromPoint, toCentre) : squareSteps(across, up, chosen)),
      ...(spot.four ? [turnStep()] : []),
    ],
    summary: spot.diagonal
      ? message('placed.diagonal', { far: fromPoint, corner: where })
      : spot.four
        ? message('placed.corner', { across, up, corner: where })
        : message('placed.corner-edges', { across, up, corner: where, ...edgesOf(chosen) }),
    warnings: spot.warnings ?? [],
    // Square to the edges each corner has an up of its own; four are marked one after another, each with its corner at the lower right.
    ...(spot.diagonal ? {} : { upIs: spot.four ? 'top.far-edge' : 'top.upper-edge' }),
  }
}

/**
 * Square: the stated distance from both edges. On the diagonal the foot's two ends come nearest to the edges, so it
 * stays as far from the point as leaves them at least four fifths of that distance.
 */
function usualInset({ diagonal, inset }: CornerSpot, { width }: Size): number {
  return diagonal ? Math.round(Math.max(inset.mm, inset.mm * 0.8 * Math.SQRT2 + width / 2)) : inset.mm
}

function localPose(diagonal: boolean, mm: number, toCentre: boolean, { width, height }: Size): Pose {
  if (diagonal) {
    const far = (mm + (toCentre ? 0 : height / 2)) * Math.SQRT1_2
    return { x: -far, y: -far, rotation: -45 }
  }
  return toCentre ? { x: -mm, y: -mm, rotation: 0 } : { x: -mm - width / 2, y: -mm - height / 2, rotation: 0 }
}

function cornerTapes({ diagonal }: CornerSpot, frame: Pose, mm: number, id: string) {
  const at = (x: number, y: number) => applyPose(frame, { x, y })
  const far = mm * Math.SQRT1_2
  if (diagonal) return [{ id, from: at(0, 0), to: at(-far, -far) }]
  return [
    { id, from: at(0, -mm * 1.6), to: at(-mm, -mm * 1.6) },
    { id, from: at(-mm * 1.6, 0), to: at(-mm * 1.6, -mm) },
  ]
}

const turned = ({ width, height }: Size): Size => ({ width: height, height: width })
/** Corners whose frame lies a quarter turn from the item’s. */
const isSide = (corner: CornerId): boolean => corner === 'lower-left' || corner === 'upper-right'

function edgesOf(corner: CornerId): { upright: string; level: string } {
  const [level, upright] = corner.split('-')
  return { upright: `side.${upright}`, level: `side.${level}` }
}

function squareSteps(across: number, up: number, corner: CornerId): StepDraft[] {
  const { upright, level } = edgesOf(corner)
  const first = message('step.corner-across', { corner: `corner.${corner}`, far: across, edge: upright })
  const second = message('step.corner-depth', { far: up, edge: level })
  return [
    { id: 'across', said: first },
    { id: 'depth', said: second, marks: ['cross'] },
  ]
}

function diagonalSteps(mm: number, far: number, toCentre: boolean): StepDraft[] {
  const fold: StepDraft = { id: 'diagonal', said: message('step.diagonal') }
  const marks = ['cross'] as const
  if (toCentre) return [fold, { id: 'depth', said: message('step.diagonal-cross', { far }), marks }]
  return [
    fold,
    { id: 'edge', said: message('step.diagonal-foot', { near: mm }) },
    { id: 'depth', said: message('step.diagonal-on', { far }), marks },
  ]
}

const turnStep = (): StepDraft => ({ id: 'turn', said: message('step.turn'), marks: ['cross'] })
