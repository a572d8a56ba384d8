import type { Fill, Message } from '../messages/message'
import type { StepDraft } from './placementRule'

/** How a fold is marked on this cloth: creased where the cloth takes it, else with pins, or tape where holes stay. */
export type FoldMeans = 'crease' | 'pins' | 'tape'

/** Sentences that crease, and what they are for a cloth that takes no crease. */
const withoutCrease: Readonly<Record<string, string>> = {
  'step.crease': 'step.fold',
  'step.crease-back': 'step.fold-back',
  'step.crease-panel': 'step.fold-panel',
  'step.crease-across': 'step.fold-across',
  'step.crease-hood': 'step.fold-hood',
  'step.crease-cuff': 'step.fold-cuff',
  'step.crease-leg': 'step.fold-leg',
  'step.sleeve': 'step.fold-sleeve',
  'step.diagonal': 'step.fold-diagonal',
  'step.diagonal-cross': 'step.line-cross',
  'step.diagonal-foot': 'step.line-foot',
  'step.dots-diagonal': 'step.dots-line',
  'step.arrow-diagonal': 'step.arrow-line',
  'line.crease': 'line.marked',
  'line.middle-crease': 'line.middle',
  'line.leg-crease': 'line.leg-middle',
}
/** These say what the fold is marked with. */
const saysHow = new Set([
  'step.fold',
  'step.fold-back',
  'step.fold-panel',
  'step.fold-across',
  'step.fold-hood',
  'step.fold-cuff',
  'step.fold-leg',
  'step.fold-sleeve',
  'step.fold-diagonal',
])

/**
 * A step for cloth that takes no crease: velvet, terry, waffle, quilted and what keeps a fold for good.
 *
 * Source: craft.md sections 1 and 11.
 *
 * @example withFold('tape', { id: 'centre-line', said: ['step.crease-panel', { half: 120 }] })
 * // its sentence marks both ends of the fold with tape
 */
export const withFold = <Step extends Pick<StepDraft, 'said'>>(means: FoldMeans, step: Step): Step =>
  means === 'crease' ? step : { ...step, said: uncreased(step.said, means) }

function uncreased([id, fills = {}]: Message, means: FoldMeans): Message {
  const now = withoutCrease[id] ?? id
  const told = Object.entries(fills).map(([slot, fill]): [string, Fill] => [slot, uncreasedFill(fill, means)])
  return [now, { ...Object.fromEntries(told), ...(saysHow.has(now) ? { means: `means.${means}` } : {}) }]
}

function uncreasedFill(fill: Fill, means: FoldMeans): Fill {
  if (typeof fill === 'string') return withoutCrease[fill] ?? fill
  return Array.isArray(fill) ? uncreased(fill as unknown as Message, means) : fill
}
