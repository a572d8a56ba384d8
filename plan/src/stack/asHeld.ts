import type { Basis, DecidedStack, Hoop } from '@thimble/contract'
import type { HoldingMethod } from '@thimble/core/recipe'
import { laidToday, type OwnLayersInput } from './laidToday'

type OnStack = { basis: Basis; stack: DecidedStack | null }
type Clamps = Pick<Hoop, 'clamp'> | { clamp?: boolean | undefined }

/** How a hoop holds cloth that is put in it: between magnets where it clamps, else by its ring. */
export function heldIn(hoop: Clamps | null | undefined, holding: HoldingMethod): HoldingMethod
export function heldIn(hoop: Clamps | null | undefined, holding: HoldingMethod | null): HoldingMethod | null
export function heldIn(hoop: Clamps | null | undefined, holding: HoldingMethod | null): HoldingMethod | null {
  if (!hoop || (holding !== 'hooped' && holding !== 'clamped')) return holding
  return hoop.clamp ? 'clamped' : 'hooped'
}

/** A stack held another way: the same layers, gripped and cut for it. It is then no recipe any more, nor what came out so. */
export function heldStack(stack: DecidedStack, holding: HoldingMethod, ask: OwnLayersInput): DecidedStack {
  if (stack.holding === holding) return stack
  const because = stack.because.filter((rule) => !rule.startsWith('hold.'))
  return { ...laidToday({ ...stack, holding }, ask), recipe: null, because, record: null }
}

/** What the later stages rest on, held as the piece is held. */
export function asHeld<Built extends OnStack>(
  built: Built,
  holding: HoldingMethod,
  ask: Omit<OwnLayersInput, 'basis'>,
): Built {
  const { basis, stack } = built
  if (!stack || stack.holding === holding) return built
  return { ...built, stack: heldStack(stack, holding, { basis, ...ask }) }
}
