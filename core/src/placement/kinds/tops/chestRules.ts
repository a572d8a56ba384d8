import { type Advice, caution, note } from '../../../advice'
import { message } from '../../../messages/message'
import { chestDepth } from '../../chestDepth'
import type { Measures } from '../../measures'
import type { PlacementChoice, PlacementContext, PlacementRule, Spot, StepDraft } from '../../placementRule'
import type { Cut } from './topMeasures'
import { armholeAt, requireSoundTop, type TopId, topFrame } from './topFrame'

export const topNeeds = ['chestWidth', 'neckWidth', 'shoulderToUnderarm', 'neckDrop']
const EASE = 5

/** No chest design's centre lies lower below the shoulder point (craft.md section 2). */
const LOWEST = 230

/**
 * Default depth of the centre below the shoulder point (craft.md section 2): by the chest, or with the design's foot at the
 * underarm; never lower than the underarm line, nor than 230 mm.
 */
function usualDepth({ measures: m, design, habits }: PlacementContext<TopId>, ease: number): number {
  if (habits.chestRule === 'underarm-level') return Math.min(footAtUnderarm(m, design), LOWEST)
  return Math.min(chestDepth(m.chestWidth, ease), m.shoulderToUnderarm, LOWEST)
}

const footAtUnderarm = (m: Measures<TopId>, { height }: { height: number }): number => m.shoulderToUnderarm - height / 2

/**
 * On the vertical through the neck-side shoulder point (craft.md section 2); a design too wide for it there moves out
 * from the opening or in from the armhole, and where neither will do it goes halfway between them.
 */
function usualAcross({ measures: m, design, shape }: PlacementContext<TopId>, y: number): number {
  const opening = shape.zones.find((z) => z.id === 'placket')
  const inner = opening ? Math.max(...opening.outline.map((p) => p.x)) + opening.clear : 0
  const ridge = shape.zones.find((z) => z.id === 'armhole-right')?.clear ?? 10
  // The seam runs outward as it goes down, so the design's top edge is the nearest to it.
  const outer = Math.min(armholeAt(m, y - design.height / 2), armholeAt(m, y + design.height / 2)) - 5 - ridge
  const [least, most] = [inner + EASE + design.width / 2, outer - EASE - design.width / 2]
  return least > most ? (least + most) / 2 : Math.min(most, Math.max(least, m.neckWidth / 2))
}

function chestSpot(side: 'left' | 'right', ease: number, c: PlacementContext<TopId>): Spot {
  const { measures: m, habits } = c
  requireSoundTop(m)
  const { shoulder, underarm, half } = topFrame(m)
  const fromNeck = habits.chestRule === 'neck-seam'
  const down = usualDepth(c, ease)
  const across = usualAcross(c, shoulder.y + down)
  return {
    down: fromNeck
      ? { id: 'downNeck', line: 'neck', edge: 'centre', mm: shoulder.y + down, toward: 1, plausible: [10, 240] }
      : { id: 'down', line: 'shoulder', edge: 'centre', mm: down, toward: 1, plausible: [60, 320] },
    across: {
      id: 'across',
      line: 'centre',
      edge: 'centre',
      mm: across,
      toward: side === 'left' ? 1 : -1,
      plausible: [20, half],
    },
    first: [crease(half)],
    after: ({ y }) => ({
      checks: [underarmCheck(underarm.y - y)],
      warnings: [
        ...(y > underarm.y + 1 ? [belowUnderarm(y - underarm.y)] : []),
        ...(habits.chestRule === 'underarm-level' && footAtUnderarm(m, c.design) > LOWEST
          ? [tooLow(footAtUnderarm(m, c.design))]
          : []),
      ],
    }),
  }
}

export const crease = (half: number): StepDraft => ({ id: 'centre-line', said: message('step.crease', { half }) })

const tooLow = (far: number): Advice =>
  note('underarm-too-low', message('place.underarm-too-low', { far, lowest: LOWEST }))

const belowUnderarm = (far: number): Advice => note('below-underarm', message('place.below-underarm', { far }))

function underarmCheck(above: number): StepDraft {
  const far = Math.abs(above)
  if (far < 1) return { id: 'level', said: message('step.level') }
  return {
    id: 'level',
    said: above > 0 ? message('step.above-underarm', { far }) : message('step.below-underarm', { far }),
  }
}

const chest = (side: 'left' | 'right', ease: number): PlacementRule => ({
  id: `${side}-chest`,
  name: side === 'left' ? message('item.wearers-left-chest-your-right') : message('item.wearers-right-chest-your-left'),
  arrange: 'one',
  upIs: 'top.neck',
  needs: topNeeds,
  usual: { width: 80, height: 60 },
  growsWith: 'chestWidth',
  spot: (context: PlacementContext<TopId>) => chestSpot(side, ease, context),
})

/** @param cut how much wider than a tee it is cut: the mark goes by the wearer, not by the ease */
export const chestRules = ({ ease }: Pick<Cut, 'ease'>): readonly PlacementRule[] => [
  chest('left', ease),
  chest('right', ease),
]

const pocketMeasures = ['pocketTop', 'pocketAcross', 'pocketWidth']

/** A patch pocket on the wearer's left counts until the worker says that there is none (craft.md section 2). */
const theirPocket: PlacementChoice = {
  id: 'pocket',
  name: message('item.the-pocket-on-that-side'),
  choices: [
    { id: 'above', name: message('item.place-above-it') },
    { id: 'none', name: message('item.no-pocket-or-it-comes') },
    { id: 'shut', name: message('item.sew-it-shut') },
  ],
  usual: 'above',
}

/** The chest of a garment that usually has a patch pocket on the wearer's left. */
export const chestRulesByPocket = ({ ease }: Pick<Cut, 'ease'>): readonly PlacementRule[] => [
  {
    ...chest('left', ease),
    arrange: 'one',
    choices: [theirPocket],
    mayKnow: ({ pocket = theirPocket.usual }) => (pocket === 'above' ? pocketMeasures : []),
    spot: (context: PlacementContext<TopId>) => {
      const { pocketTop, pocketAcross, pocketWidth } = context.measures
      if (pocketTop !== undefined && pocketAcross !== undefined && pocketWidth !== undefined)
        return abovePocketSpot(context, pocketWidth)
      const spot = chestSpot('left', ease, context)
      return context.choices.pocket === 'shut' ? { ...spot, warnings: [...(spot.warnings ?? []), sewnShut()] } : spot
    },
  },
  chest('right', ease),
]

const sewnShut = (): Advice => caution('sewn-shut', message('place.sewn-shut'))

/** By the pocket, not by the chest; the foot 13 to 19 mm above its top (craft.md section 2). */
function abovePocketSpot({ measures: m, design }: PlacementContext<TopId>, pocketWidth: number): Spot {
  requireSoundTop(m)
  const wide = design.width > pocketWidth
  const said = message('place.wider-than-pocket', { wide: design.width, pocket: pocketWidth })
  return {
    down: { id: 'up', line: 'pocket', edge: 'end', mm: 16, toward: -1, plausible: [8, 60] },
    across: { id: 'pocketMiddle', line: 'pocket-middle', edge: 'centre', mm: 0, toward: 1, plausible: [0, 40] },
    first: [{ id: 'pocket', said: message('step.pocket-middle', { half: pocketWidth / 2 }) }],
    warnings: wide ? [note('wider-than-pocket', said)] : [],
  }
}

/** Above a patch pocket. */
export const abovePocket: PlacementRule = {
  id: 'above-pocket',
  name: message('item.above-the-pocket'),
  arrange: 'one',
  upIs: 'top.neck',
  needs: [...topNeeds, ...pocketMeasures],
  usual: { width: 80, height: 22 },
  growsWith: 'pocketWidth',
  spot: (context: PlacementContext<TopId | 'pocketWidth'>) => abovePocketSpot(context, context.measures.pocketWidth),
}
