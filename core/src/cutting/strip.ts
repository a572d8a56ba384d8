import type { Kind, Lie } from './cutQuery'

/** A cut across the roll, with what lies side by side in it. */
export type Strip = { height: number; laid: { kind: number; lie: Lie }[] }
/** Strips on one roll, in order; and how much of it they take. */
export type OnRoll = { roll: number; strips: Strip[]; length: number }

/** What a tape cannot tell apart. */
export const SLACK = 1e-6

/** The lowest way for a piece to lie in a strip no higher than so much; of equals the narrowest. */
export const narrowest = ({ lies }: Kind, height: number): Lie | null =>
  lies.reduce<Lie | null>(
    (best, lie) => (lie.height <= height + SLACK && (!best || lie.width < best.width) ? lie : best),
    null,
  )
