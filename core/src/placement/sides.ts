import type { Named } from '../messages/message'

/** How the item lies: with a wearer or without, its front or its back up. */
export type Lie = { worn: boolean; back: boolean }

/**
 * Left and right for the worker, and for the wearer where there is one: on a garment lying face up the wearer's left
 * is on the worker's right, on one lying face down they agree (craft.md section 2).
 */
export function sideOf(x: number, { worn, back }: Lie): Named {
  const [yours, other] = x >= 0 ? ['right', 'left'] : ['left', 'right']
  return worn ? `to.${yours}.wearer-${back ? yours : other}` : `to.${yours}`
}

/** Written at the head of a sentence. */
