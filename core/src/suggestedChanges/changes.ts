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

export type TroubleChange = { id: string; says: string; stack?: StackChange }

/** One thing to do otherwise the next time (craft.md section 10, column “try”), as it is said to the worker. */
export const troubleChanges = {
  neutral: { says: 'Hoop it again without any pull: smooth it flat, tighten, and do not tug.' },
  'cut-away': {
    says: 'Lay cut-away under it, fused or sprayed, so that it stays.',
    stack: { do: 'backing', kind: 'cut-away-mesh' },
  },
  'one-more-layer': { says: 'Lay one more sheet under it, crossed.', stack: { do: 'one-more-sheet' } },
  'lighter-design': { says: 'Take a lighter design, or this one a little larger with the same stitches.' },
  'ease-top': { says: 'Ease the top tension if over a third of a satin’s back is bobbin.' },
  'tighten-top': { says: 'Put the top tension back to where it was.' },
  'hoop-it': {
    says: 'Put the cloth in the ring with its backing stuck to it.',
    stack: { do: 'hold', holding: 'hooped' },
  },
  float: { says: 'Float it on backing in the ring, or clamp it.', stack: { do: 'hold', holding: 'floated' } },
  baste: { says: 'Baste a frame round the design before it is sewn.' },
  'tape-edges': { says: 'Tape its edges down all round, outside the field.' },
  'tighten-hoop': { says: 'Hoop it drum-flat: a finger pressed on it does not make a dent that stays.' },
  'firmer-backing': { says: 'Take firmer backing.', stack: { do: 'backing', kind: 'cut-away-medium' } },
  underlay: { says: 'Take a design with more underlay, or the fill a little closer.' },
  'stick-backing': { says: 'Fuse or spray the backing to the cloth.' },
  film: {
    says: 'Lay wash-away film on top; heat-away where it may not be wetted.',
    stack: { do: 'topping', kind: 'wash-away-film' },
  },
  'colour-film': {
    says: 'Lay a permanent film in the thread’s colour on top.',
    stack: { do: 'topping', kind: 'permanent-film' },
  },
  rethread: { says: 'Thread the top anew with the foot up, from spool to needle.' },
  'bobbin-spring': { says: 'Take the bobbin out and thread it again under its spring.' },
  spool: {
    says: 'Thread again from the spool, foot up. See that the thread isn’t caught there, and take a fresh spool if it is old.',
  },
  'clean-case': { says: 'Take the bobbin case out and brush the lint away, power off.' },
  'finer-bobbin': { says: 'Take a finer bobbin thread than the top.' },
  latch: { says: 'Hear the hoop latch, and pull at it once.' },
  'hold-end': { says: 'Hold the thread end for the first ten stitches, stop, and trim it.' },
  'new-needle': { says: 'Put a new needle in, fully up, power off.' },
  'size-up': { says: 'Take the needle one size up.', stack: { do: 'needle', size: 'up' } },
  'size-down': { says: 'Take a finer needle.', stack: { do: 'needle', size: 'down' } },
  ballpoint: { says: 'Take a ballpoint needle.', stack: { do: 'needle', point: 'ballpoint' } },
  coated: {
    says: 'Take a coated needle. When glue gathers on it: stop, power off, wipe.',
    stack: { do: 'needle', coated: true },
  },
  'check-burr': { says: 'Feel needle plate and thread path for a burr with a cotton swab; it catches.' },
  slow: { says: 'Sew slower.', stack: { do: 'slower' } },
  'keep-clear': { says: 'Move the design clear of seam and zip, 15 mm at the least.' },
  trace: { says: 'Trace the outline before the start, hands clear.' },
  support: { says: 'Carry the weight of the piece on the table, so that nothing pulls at the hoop.' },
  'look-first': { says: 'Look where the marks landed in the hoop, and dial that, before it is sewn.' },
  'ring-round': { says: 'Turn the inner ring the right way round: its arrow to the top.' },
  'stick-cloth': { says: 'Stick the cloth to its backing all over, edges too.' },
  'check-move': { says: 'Turn first, then move: moves are in the hoop’s frame. Try it with a trace.' },
  'hoop-again': {
    says: 'Hoop it again where it lies more askew than can be turned, and turn the rest at the machine.',
  },
  'both-halves': { says: 'Measure both halves, and say whether it goes by the neck or by the body.' },
  steam: { says: 'Steam it from the back, off the cloth; the care label decides.' },
  mesh: { says: 'Take mesh in the place of firm cut-away.', stack: { do: 'backing', kind: 'cut-away-mesh' } },
  'trim-rounded': { says: 'Trim it 6 to 12 mm outside the stitches, corners rounded.' },
  roll: { says: 'Roll, clip or tape what is not sewn, and stand by it.' },
  cover: { says: 'Fuse a soft cover over the back.', stack: { do: 'add', kind: 'cover-soft-fusible' } },
  'line-back': { says: 'Sew a soft lining over the back by hand.' },
  'trim-knots': { says: 'Trim ends and jumps on the back before it is covered; leave the knots.' },
} as const satisfies Readonly<Record<string, Omit<TroubleChange, 'id'>>>
export type ChangeId = keyof typeof troubleChanges

/** A change by its id; null for one that is no longer known. */
export function troubleChange(id: string): TroubleChange | null {
  const found = (troubleChanges as Readonly<Record<string, Omit<TroubleChange, 'id'>>>)[id]
  return found ? { id, ...found } : null
}
