import { say } from '../words/said'
import { writeName } from '../words/writeSaid'
import { applyPose, composePose, type Pose } from '../plane/point'
import { cornerFrame, type CornerId, cornerIds } from './edgeFrame'
import type { Laid } from './laid'
import { upperFirst } from './sides'
import type { CornerSpot, PlacementChoice, PlacementContext, StepDraft } from './placementRule'

export const whichCorner: PlacementChoice = {
  id: 'corner',
  name: 'Which corner',
  choices: cornerIds.map((id) => ({
    id,
    name: upperFirst(writeName(`corner.${id}`)),
  })),
  usual: 'lower-right',
}

/** How the distance is given: to the design's nearest edges (or its foot), or to its centre. */
export const countedTo: PlacementChoice = {
  id: 'counted',
  name: 'The distance goes to',
  choices: [
    { id: 'edge', name: 'The design’s edge' },
    { id: 'centre', name: 'Its centre' },
  ],
  usual: 'edge',
}

/**
 * Designs in one corner or in all four, each turned a quarter from the last. Square to the edges: the distance runs
 * from both edges; on the diagonal: from the point, the design's foot toward it (craft.md section 2).
 */
// eslint-disable-next-line complexity -- square and diagonal, counted to edge or centre
export function layCorners(spot: CornerSpot, c: PlacementContext, distances: Readonly<Record<string, number>>): Laid {
  const { design } = c
  const toCentre = c.choices[countedTo.id] === 'centre'
  const inset = usualInset(spot, design)
  const usual = toCentre ? inset + (spot.diagonal ? design.height : Math.max(design.width, design.height)) / 2 : inset
  const id = toCentre ? `${spot.inset.id}@centre` : spot.inset.id
  const mm = distances[id] ?? usual
  const local = localPose(spot.diagonal, mm, toCentre, design)
  const chosen = cornerIds.find((corner) => corner === c.choices[whichCorner.id]) ?? 'lower-right'
  const corners = spot.four
    ? [...cornerIds.slice(cornerIds.indexOf(chosen)), ...cornerIds.slice(0, cornerIds.indexOf(chosen))]
    : [chosen]
  const copies = corners.map((corner) => ({
    pose: composePose(cornerFrame(spot.box, corner), local),
    name: `corner.${corner}`,
  }))
  const frame = cornerFrame(spot.box, chosen)
  const where = spot.four ? 'the-corner.each' : `the-corner.${chosen}`
  const from = spot.diagonal ? 'the point' : 'both edges'
  const far = toCentre
    ? [mm, mm]
    : spot.diagonal
      ? [mm + design.height / 2]
      : [mm + design.width / 2, mm + design.height / 2]
  return {
    copies,
    distances: [
      {
        id,
        name: toCentre
          ? `Centre from ${from}`
          : spot.diagonal
            ? 'Foot of the design from the point'
            : 'Design’s nearest edges from both edges',
        mm,
        assumed: usual,
        plausible: toCentre || spot.diagonal ? [0, 3 * usual] : spot.inset.plausible,
        counted: null,
      },
    ],
    tapes: cornerTapes(spot, frame, mm, id),
    steps: [
      ...(spot.first ?? []),
      ...(spot.diagonal ? diagonalSteps(mm, far[0]!, toCentre) : squareSteps(far[0]!, far[1] ?? far[0]!, chosen)),
      ...(spot.four ? [turnStep()] : []),
    ],
    summary: spot.diagonal
      ? say('placed.diagonal', { far: far[0]!, corner: where })
      : say('placed.corner', { across: far[0]!, up: far[1] ?? far[0]!, corner: where }),
    warnings: spot.warnings ?? [],
  }
}

/**
 * Square: the stated distance from both edges. On the diagonal the foot's two ends come nearest to the edges, so it
 * stays as far from the point as leaves them at least four fifths of that distance.
 */
function usualInset({ diagonal, inset }: CornerSpot, { width }: { width: number }): number {
  return diagonal ? Math.round(Math.max(inset.mm, inset.mm * 0.8 * Math.SQRT2 + width / 2)) : inset.mm
}

function localPose(
  diagonal: boolean,
  mm: number,
  toCentre: boolean,
  { width, height }: { width: number; height: number },
): Pose {
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

function squareSteps(across: number, up: number, corner: CornerId): StepDraft[] {
  const [level, upright] = corner.split('-') as ['lower' | 'upper', 'left' | 'right']
  const first = say('step.corner-across', { corner: `corner.${corner}`, far: across, edge: `side.${upright}` })
  const second = say('step.corner-depth', { far: up, edge: `side.${level}` })
  return [
    { id: 'across', said: first },
    { id: 'depth', said: second, marks: ['cross'] },
  ]
}

function diagonalSteps(mm: number, far: number, toCentre: boolean): StepDraft[] {
  const fold: StepDraft = { id: 'diagonal', said: say('step.diagonal') }
  const marks = ['cross'] as const
  if (toCentre) return [fold, { id: 'depth', said: say('step.diagonal-cross', { far }), marks }]
  return [
    fold,
    { id: 'edge', said: say('step.diagonal-foot', { near: mm }) },
    { id: 'depth', said: say('step.diagonal-on', { far }), marks },
  ]
}

const turnStep = (): StepDraft => ({ id: 'turn', said: say('step.turn'), marks: ['cross'] })
