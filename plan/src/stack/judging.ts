import type { Basis, ChosenStack, DecidedStack } from '@thimble/contract'
import type { LayerKind } from '@thimble/core/recipe'
import { judgeStack, type StackJudgement, whatGetsWorse } from '@thimble/core/stackReview'
import { factsFrom } from './recipeInput'
import { changeByHand, type HandChange, kindsOf } from './byHand'
import type { OwnLayersInput } from './laidToday'
import { coreLayers, settledStack } from './stacks'

type OnStack = { basis: Basis; stack: DecidedStack | null }

/** What is good and bad about a stack for what it rests on; nothing without one. */
export function judgementsOf({ basis, stack }: OnStack): StackJudgement[] {
  if (!stack) return []
  const { holding, layers, needle } = stack
  return judgeStack(factsFrom(basis), { holding, layers: coreLayers(layers), needle })
}

/** What a change would make worse, before it is made. */
function worseBy(stack: ChosenStack, change: HandChange, ask: OwnLayersInput): StackJudgement[] {
  const judged = (one: ChosenStack) => judgementsOf({ basis: ask.basis, stack: settledStack(one) })
  return whatGetsWorse(judged(stack), judged(changeByHand(stack, change, ask, 'new')))
}

/** Kinds on the shelf that would do in a layer's place without making anything worse, the most like it first. */
export function substitutesFor(stack: ChosenStack, id: string, ask: OwnLayersInput): Exclude<LayerKind, 'cloth'>[] {
  const layer = stack.layers[id]
  if (!layer) return []
  const alike = (kind: string): number => kind.split('-').filter((word) => layer.kind.split('-').includes(word)).length
  return kindsOf(layer.role, ask.supplies)
    .filter(({ kind, there }) => there && kind !== layer.kind)
    .map(({ kind }) => kind)
    .filter((kind) => worseBy(stack, { do: 'swap', id, kind }, ask).every((j) => j.severity === 'note'))
    .sort((a, b) => alike(b) - alike(a))
}

export const worseThan = (before: readonly StackJudgement[], now: OnStack): StackJudgement[] =>
  whatGetsWorse(before, judgementsOf(now))
