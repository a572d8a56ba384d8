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
  neutral: { says: 'Re-hoop it without pulling: smooth it flat and tighten.' },
  'cut-away': {
    says: 'Put cut-away under it, fused or sprayed.',
    stack: { do: 'backing', kind: 'cut-away-mesh' },
  },
  'one-more-layer': { says: 'Add one more sheet, crossed.', stack: { do: 'one-more-sheet' } },
  'lighter-design': { says: 'Use a lighter design, or this one a little larger with the same stitches.' },
  'ease-top': { says: 'Ease the top tension if over a third of a satin’s back is bobbin thread.' },
  'tighten-top': { says: 'Put the top tension back to where it was.' },
  'hoop-it': {
    says: 'Hoop the cloth with its backing stuck on.',
    stack: { do: 'hold', holding: 'hooped' },
  },
  float: { says: 'Float it on hooped backing, or clamp it.', stack: { do: 'hold', holding: 'floated' } },
  baste: { says: 'Baste a frame round the design before it is sewn.' },
  'tape-edges': { says: 'Tape its edges down all round, outside the field.' },
  'tighten-hoop': { says: 'Hoop it flat as a drum: a finger leaves no dent.' },
  'firmer-backing': { says: 'Use firmer backing.', stack: { do: 'backing', kind: 'cut-away-medium' } },
  underlay: { says: 'Use a design with more underlay or a slightly closer fill.' },
  'stick-backing': { says: 'Fuse or spray the backing to the cloth.' },
  film: {
    says: 'Put wash-away film on top, or heat-away if it can’t get wet.',
    stack: { do: 'topping', kind: 'wash-away-film' },
  },
  'colour-film': {
    says: 'Put permanent film in the thread’s colour on top.',
    stack: { do: 'topping', kind: 'permanent-film' },
  },
  rethread: { says: 'Rethread the top with the foot up, from spool to needle.' },
  'bobbin-spring': { says: 'Take the bobbin out and rethread it under its spring.' },
  spool: {
    says: 'Rethread from the spool, foot up. Check it isn’t caught, and use a fresh spool if it’s old.',
  },
  'clean-case': { says: 'Power off, take the bobbin case out and brush the lint away.' },
  'finer-bobbin': { says: 'Use bobbin thread finer than the top.' },
  latch: { says: 'Listen for the hoop’s click, and tug it once.' },
  'hold-end': { says: 'Hold the thread end for the first ten stitches, stop, and trim it.' },
  'new-needle': { says: 'Power off and fit a new needle, fully up.' },
  'size-up': { says: 'Use a needle one size larger.', stack: { do: 'needle', size: 'up' } },
  'size-down': { says: 'Use a finer needle.', stack: { do: 'needle', size: 'down' } },
  ballpoint: { says: 'Use a ballpoint needle.', stack: { do: 'needle', point: 'ballpoint' } },
  coated: {
    says: 'Use a coated needle. If glue gathers on it: stop, power off, wipe.',
    stack: { do: 'needle', coated: true },
  },
  'check-burr': { says: 'Feel needle plate and thread path with a cotton swab: a burr catches it.' },
  slow: { says: 'Sew slower.', stack: { do: 'slower' } },
  'keep-clear': { says: 'Keep the design at least 15 mm from seams and zips.' },
  trace: { says: 'Trace the outline before you start, hands clear.' },
  support: { says: 'Rest the piece on the table so nothing pulls at the hoop.' },
  'look-first': { says: 'Check where the marks landed in the hoop, and dial that in.' },
  'ring-round': { says: 'Turn the inner ring the right way round, arrow at the top.' },
  'stick-cloth': { says: 'Stick the cloth to its backing all over, edges too.' },
  'check-move': { says: 'Dial in the turn first, then the move. Check with a trace.' },
  'hoop-again': {
    says: 'Re-hoop it if it’s more crooked than the machine can turn.',
  },
  'both-halves': { says: 'Measure both halves, and choose neck or body to line up with.' },
  steam: { says: 'Steam it from the back without touching it. Follow the care label.' },
  mesh: { says: 'Use mesh instead of firm cut-away.', stack: { do: 'backing', kind: 'cut-away-mesh' } },
  'trim-rounded': { says: 'Trim it 6 to 12 mm outside the stitches, corners rounded.' },
  roll: { says: 'Roll, clip or tape loose cloth, and stay by the machine.' },
  cover: { says: 'Fuse a soft cover over the back.', stack: { do: 'add', kind: 'cover-soft-fusible' } },
  'line-back': { says: 'Sew a soft lining over the back by hand.' },
  'trim-knots': { says: 'Trim ends and jumps on the back before you cover it. Leave the knots.' },
} as const satisfies Readonly<Record<string, Omit<TroubleChange, 'id'>>>
export type ChangeId = keyof typeof troubleChanges

/** A change by its id; null for one that is no longer known. */
export function troubleChange(id: string): TroubleChange | null {
  const found = (troubleChanges as Readonly<Record<string, Omit<TroubleChange, 'id'>>>)[id]
  return found ? { id, ...found } : null
}
