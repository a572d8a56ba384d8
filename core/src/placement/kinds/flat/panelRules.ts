import type { Anchor, PlacementContext, PlacementRule, Spot, StepDraft } from '../../placementRule'
import type { Measures } from '../../measures'
import type { ReferenceLine } from '../../itemShape'
import type { Box } from '../../../plane/box'
import { type Named, message, type Called } from '../../../messages/message'
import { countedTo, howItStands, whichCorner } from '../../placeAtCorners'

type Rule = {
  id: string
  name: Called
  upIs: Named
  needs?: readonly string[]
  usual?: { width: number; height: number }
  growsWith?: string
}

/** The centre line of something with two straight edges. */
export const creaseStep = (half: number): StepDraft => ({
  id: 'centre-line',
  said: message('step.crease-panel', { half }),
})

export const onCentre: Anchor = { id: 'middle', line: 'centre', edge: 'centre', mm: 0, toward: 1, plausible: [0, 1500] }

/** On the centre line, at a distance from a level line of the item. */
export function centredRule<Known extends string>(
  rule: Rule,
  width: (m: Measures<Known>) => number,
  down: (c: PlacementContext<Known>) => Anchor,
  more: (c: PlacementContext<Known>) => Pick<Spot, 'first' | 'warnings' | 'turn'> = () => ({}),
): PlacementRule {
  return {
    ...rule,
    arrange: 'one',
    spot: (c: PlacementContext<Known>) => {
      const { first = [], ...rest } = more(c)
      const anchor = down(c)
      const middle = anchor.line === 'middle' ? middleSteps(c.shape.lines) : []
      return {
        down: anchor,
        across: onCentre,
        first: [...first, creaseStep(width(c.measures) / 2), ...middle],
        ...rest,
      }
    },
  }
}

/** The middle of the height is found by folding, too. */
function middleSteps(lines: readonly ReferenceLine[]): StepDraft[] {
  const at = (id: string): number | undefined => lines.find((line) => line.id === id)?.at
  const [top, bottom] = [at('top'), at('bottom')]
  if (top === undefined || bottom === undefined) return []
  return [{ id: 'middle-line', said: message('step.crease-across', { half: Math.abs(bottom - top) / 2 }) }]
}

/** Centred both ways: on the centre line, in the middle of the height. */
export const centredBothWays = <Known extends string>(
  rule: Pick<Rule, 'upIs' | 'needs' | 'usual'>,
  width: (m: Measures<Known>) => number,
  more?: (c: PlacementContext<Known>) => Pick<Spot, 'first' | 'warnings' | 'turn'>,
): PlacementRule =>
  centredRule<Known>({ id: 'centred', name: message('item.centred-both-ways'), ...rule }, width, () => middleDown, more)

/** In the middle of the height. */
export const middleDown: Anchor = { ...onCentre, id: 'middleDown', line: 'middle' }

type CornerMake<Known extends string> = {
  mm: number
  plausible: readonly [number, number]
  box: (m: Measures<Known>) => Box
  needs?: readonly string[]
}

/** The ways into a corner: one or all four, square to the edges or on the diagonal. */
export function cornerRules<Known extends string>(
  { mm, plausible, box, needs }: CornerMake<Known>,
  which: readonly ('one' | 'diagonal' | 'four' | 'four-diagonal')[],
): PlacementRule[] {
  const ids = {
    one: 'corner',
    diagonal: 'corner-diagonal',
    four: 'four-corners',
    'four-diagonal': 'four-corners-diagonal',
  }
  const names = {
    one: message('item.one-corner-square-to-the'),
    diagonal: message('item.one-corner-bottom-to-the'),
    four: message('item.four-corners-each-turned'),
    'four-diagonal': message('item.four-corners-bottoms-to-the'),
  }
  return which.map((way) => ({
    id: ids[way],
    name: names[way],
    arrange: 'corners',
    upIs: 'top.piece-middle',
    ...(needs ? { needs } : {}),
    usual: { width: 50, height: 50 },
    choices: way.startsWith('four') ? [countedTo] : [whichCorner, ...(way === 'one' ? [howItStands] : []), countedTo],
    corners: ({ measures }: PlacementContext<Known>) => ({
      box: box(measures),
      four: way.startsWith('four'),
      diagonal: way.endsWith('diagonal'),
      inset: { id: way.endsWith('diagonal') ? 'fromPoint' : 'fromEdges', mm, edge: 'end', plausible },
    }),
  }))
}

/** Motifs scattered over a straight-edged piece, each by its own cross. */
export const scatteredRule = <Known extends string>(
  rule: Pick<Rule, 'upIs' | 'needs'>,
  width: (m: Measures<Known>) => number,
): PlacementRule => ({
  ...rule,
  id: 'scatter',
  name: message('item.scattered'),
  arrange: 'scatter',
  usual: { width: 40, height: 40 },
  scatter: ({ measures, shape }: PlacementContext<Known>) => {
    const at = (id: string): number => shape.lines.find((line) => line.id === id)?.at ?? 0
    return {
      line: 'top',
      first: [creaseStep(width(measures) / 2)],
      usual: { down: Math.round((at('bottom') - at('top')) / 2), across: 0 },
    }
  },
})

/** The same at both ends of a piece: one as the rule has it, the other turned half round. */
export const bothEnds = (end: PlacementRule, rule: Pick<Rule, 'id' | 'name'>): PlacementRule => {
  if (end.arrange !== 'one') throw new Error('Only a single design goes at both ends.')
  return { ...end, ...rule, arrange: 'ends' }
}

type RowMake<Known extends string> = {
  side: 'lower' | 'upper' | 'left' | 'right'
  edgeName: Named
  mm: number | ((c: PlacementContext<Known>) => number)
  plausible?: readonly [number, number]
  box: (m: Measures<Known>) => Box
  /** The edge as far as the row may use it: without the hems at its ends. */
  endHem?: (m: Measures<Known>) => number
  ends?: 'flush' | 'half-gap' | 'margin'
  first?: (c: PlacementContext<Known>) => StepDraft[]
}

/** A row along one edge, feet toward it, the gap half a motif until another is wished for. */
export function rowRule<Known extends string>(rule: Rule, make: RowMake<Known>): PlacementRule {
  return {
    ...rule,
    arrange: 'row',
    usual: rule.usual ?? { width: 60, height: 30 },
    row: (c: PlacementContext<Known>) => {
      const box = make.box(c.measures)
      const long = make.side === 'lower' || make.side === 'upper' ? box.right - box.left : box.bottom - box.top
      return {
        side: make.side,
        box,
        edgeName: make.edgeName,
        inset: {
          id: 'rowUp',
          mm: typeof make.mm === 'number' ? make.mm : make.mm(c),
          edge: 'end',
          plausible: make.plausible ?? [10, 150],
        },
        length: long - 2 * (make.endHem?.(c.measures) ?? 0),
        ends: make.ends ?? 'half-gap',
        gap: Math.max(5, c.design.width / 2),
        first: make.first?.(c) ?? [],
      }
    },
  }
}
