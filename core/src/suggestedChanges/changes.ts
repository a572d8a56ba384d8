import type { Behind, Message } from '../messages'
import type { LayerKind } from '../recipe/stack'
import type { HoldingMethod } from '../recipe/recipeQuery'

/** What a change does to the stack it is taken up in; a change of the hand's does nothing to it. */
export type StackChange =
  | { do: 'add'; kind: Exclude<LayerKind, 'cloth'> }
  | { do: 'backing'; kind: Exclude<LayerKind, 'cloth'> }
  | { do: 'topping'; kind: Exclude<LayerKind, 'cloth'> }
  | { do: 'one-more-sheet' }
  | { do: 'hold'; holding: HoldingMethod }
  | { do: 'needle'; size?: 'up' | 'down'; point?: 'ballpoint'; coated?: true }
  | { do: 'slower' }

export type TroubleChange = { id: string; said: Message; stack?: StackChange }

/** One thing to do otherwise the next time (craft.md section 10, column “try”). */
export const troubleChanges = {
  neutral: {},
  'cut-away': {
    stack: { do: 'backing', kind: 'cut-away-mesh' },
  },
  'one-more-layer': { stack: { do: 'one-more-sheet' } },
  'lighter-design': {},
  'ease-top': {},
  'tighten-top': {},
  'hoop-it': {
    stack: { do: 'hold', holding: 'hooped' },
  },
  float: { stack: { do: 'hold', holding: 'floated' } },
  baste: {},
  'tape-edges': {},
  'tighten-hoop': {},
  'firmer-backing': { stack: { do: 'backing', kind: 'cut-away-medium' } },
  underlay: {},
  'stick-backing': {},
  film: {
    stack: { do: 'topping', kind: 'wash-away-film' },
  },
  'colour-film': {
    stack: { do: 'topping', kind: 'permanent-film' },
  },
  rethread: {},
  'bobbin-spring': {},
  spool: {},
  'clean-case': {},
  'finer-bobbin': {},
  latch: {},
  'hold-end': {},
  'new-needle': {},
  'size-up': { stack: { do: 'needle', size: 'up' } },
  'size-down': { stack: { do: 'needle', size: 'down' } },
  ballpoint: { stack: { do: 'needle', point: 'ballpoint' } },
  coated: {
    stack: { do: 'needle', coated: true },
  },
  'check-burr': {},
  slow: { stack: { do: 'slower' } },
  'keep-clear': {},
  trace: {},
  support: {},
  'look-first': {},
  'ring-round': {},
  'stick-cloth': {},
  'check-move': {},
  'hoop-again': {},
  'both-halves': {},
  steam: {},
  mesh: { stack: { do: 'backing', kind: 'cut-away-mesh' } },
  'trim-rounded': {},
  roll: {},
  cover: { stack: { do: 'add', kind: 'cover-soft-fusible' } },
  'line-back': {},
  'trim-knots': {},
} as const satisfies Readonly<Record<Behind<'change'>, { stack?: StackChange }>>
export type ChangeId = keyof typeof troubleChanges

export const changeOf = (id: ChangeId): TroubleChange => ({ id, said: [`change.${id}`], ...troubleChanges[id] })

/** A change by its id; null for one that is no longer known. */
export const troubleChange = (id: string): TroubleChange | null =>
  id in troubleChanges ? changeOf(id as ChangeId) : null
