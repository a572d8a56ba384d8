import type { Severity } from '../../advice'
import type { DoId, Message } from '../../messages'
import { type Condition, when } from '../condition'
import type { Facts } from '../facts'
import type { Grip, HeldStack, LayerRole } from '../stack'

/** What a rule about a finished stack looks at: the cloth, design and habits, and the stack as it is held. */
export type Stacked = Facts & { stack: HeldStack }

/** One line of a list that follows from a stack, whoever put it together. */
export type StackRule = {
  id: DoId
  severity: Severity
  when: Condition<Stacked>
  says?: (f: Stacked) => Message
  /** How long it takes by the clock, where it does; labels go before it. */
  seconds?: number
}

/** Whether a layer of this kind lies anywhere in the stack. */
export const uses = (says: string, test: (kind: string) => boolean): Condition<Stacked> =>
  when(says, ({ stack }) => stack.layers.some((layer) => test(layer.kind)))

export const gripped = (grip: Grip, says: string): Condition<Stacked> =>
  when(says, ({ stack }) => stack.layers.some((layer) => layer.grip === grip))

export const has = (role: LayerRole, says: string): Condition<Stacked> =>
  when(says, ({ stack }) => stack.layers.some((layer) => layer.role === role))

export const held = (holding: HeldStack['holding']): Condition<Stacked> =>
  when(holding, ({ stack }) => stack.holding === holding)

/** Clamped, or something floats on what magnets hold: there is no inner ring. */
export const byMagnets: Condition<Stacked> = when(
  'magnets',
  ({ stack, ring }) => stack.holding === 'clamped' || stack.magnets === true || ring?.clamp === true,
)

/** It stays under the stitches, and melts. */
export const colourFilm = uses('permanent film', (kind) => kind === 'permanent-film')
