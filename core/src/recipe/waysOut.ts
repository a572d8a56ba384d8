import type { Facts } from './facts'
import type { HoldingVerdict } from './holdings'
import type { Because } from './recipeOption'

/** What may be changed where no way of holding is left; the first that applies is the least trouble. */
const ways: readonly {
  id: string
  decided: string
  when: (f: Facts, refused: ReadonlySet<string>) => boolean
  text: string
}[] = [
  {
    id: 'out.smaller-hoop',
    decided: 'a smaller hoop',
    when: (_, refused) => refused.has('hold.cloth-beyond-ring') || refused.has('hold.ring-inside'),
    text: 'Take a smaller hoop, whose ring lies on the cloth all round.',
  },
  {
    id: 'out.open-seam',
    decided: 'a seam opened',
    when: (_, refused) => refused.has('hold.ring-inside'),
    text: 'Unpick a side seam, hoop it as one layer, and sew it up again.',
  },
  {
    id: 'out.clamp',
    decided: 'a clamping hoop',
    when: (f, refused) => f.ring?.clamp !== true && !(f.coated && f.dense && refused.size > 0),
    text: 'Take a clamping hoop: magnets hold what a ring would mark or not close over.',
  },
  {
    id: 'out.lighter-design',
    decided: 'a lighter design',
    when: (f) => f.dense,
    text: 'Take a lighter design: up to medium the cloth can be floated.',
  },
  {
    id: 'out.patch',
    decided: 'a stitched patch',
    when: (f) => f.coated && f.dense,
    text: 'Stitch it on a patch of firm cloth, and sew the patch on.',
  },
]

/** The ways out where nothing holds the piece, the least trouble first; never none. */
export function waysOut(f: Facts, verdicts: readonly HoldingVerdict[]): Because[] {
  const refused = new Set(
    verdicts.flatMap((v) => (v.refused ? [v.refused.rule.replace(/(?<=ring|inside)\.\w.*$/, '')] : [])),
  )
  const open = ways.filter((way) => way.when(f, refused))
  return open.map(({ id, decided, text }) => ({ rule: id, decided, text }))
}
