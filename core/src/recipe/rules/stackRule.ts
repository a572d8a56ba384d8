import type { Severity } from '../../advice'
import type { Facts } from '../facts'
import type { HeldStack } from '../stack'

/** What a rule about a finished stack looks at: the cloth, design and habits, and the stack as it is held. */
export type Stacked = Facts & { stack: HeldStack }

/** One line of a list that follows from a stack, whoever put it together. */
export type StackRule = {
  id: string
  severity: Severity
  when: (f: Stacked) => boolean
  text: (f: Stacked) => string
}

/** Whether a layer of this kind lies anywhere in the stack. */
export const uses =
  (test: (kind: string) => boolean) =>
  ({ stack }: Stacked): boolean =>
    stack.layers.some((layer) => test(layer.kind))

export const always = (): boolean => true
