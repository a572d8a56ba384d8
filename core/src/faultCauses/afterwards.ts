import { type Condition, when } from '../recipe/condition'
import type { Bobbin } from '../recipe/stack'
import type { Stacked } from '../recipe/rules/stackRule'

/**
 * A piece as it was sewn: its cloth, design and stack, and what is known of how it went. What is not known is null, and is
 * not held against any cause.
 */
export type Afterwards = Stacked & {
  bobbin: Bobbin | null
  speedSpm: number | null
  tension: 'as-advised' | 'eased' | 'tightened' | null
  /** Lines of the list before the start that were skipped, by their ids. */
  skipped: readonly string[]
  /** Percent by which the marks lay farther apart in the ring than on the table. */
  pulledPercent: number | null
  /** Whether it was looked at where the marks landed before it was sewn. */
  looked: boolean | null
  /** Quarter turns it was loaded by. */
  turned: boolean
  needleMinutes: number | null
  needleStrikes: number | null
}

const asks = (says: string, test: (f: Afterwards) => boolean): Condition<Afterwards> => when(says, test)

const inRing = ['hooped', 'clamped']
export const heldInRing = asks('the cloth was in the hoop', ({ stack }) => inRing.includes(stack.holding))
export const floated = asks('the cloth was not in the hoop', ({ stack }) =>
  ['floated', 'backing-under'].includes(stack.holding),
)
export const gaveWay = asks('a knit, or a woven that gives', (f) => f.knit || f.stretch >= 5)
export const wasPulled = asks('it lay over 2 % longer in the hoop', (f) => (f.pulledPercent ?? 0) > 2)
export const skipped = (line: string, says: string): Condition<Afterwards> =>
  asks(says, (f) => f.skipped.includes(line))

const backings = (f: Afterwards) => f.stack.layers.filter((layer) => layer.role === 'backing')
const sheets = (f: Afterwards): number => backings(f).reduce((sum, layer) => sum + layer.sheets, 0)
export const staysUnder = asks('cut-away lay under it', (f) =>
  backings(f).some(({ kind }) => kind.startsWith('cut-away')),
)
export const bare = asks('nothing lay under it', (f) => sheets(f) === 0)
export const thinUnder = asks(
  'less lay under it than its load asks',
  (f) => sheets(f) === 0 || (f.dense && sheets(f) < 2),
)
export const looseUnder = asks('a backing lay loose', (f) => backings(f).some(({ grip }) => grip === 'loose'))
export const topped = asks('a topping lay on it', (f) => f.stack.layers.some(({ role }) => role === 'topping'))
export const covered = asks('a cover lay on its back', (f) => f.stack.layers.some(({ role }) => role === 'cover'))
export const firmUnder = asks('firm cut-away lay under it', (f) =>
  backings(f).some(({ kind }) => kind === 'cut-away-medium' || kind === 'cut-away-heavy'),
)
export const glued = asks('it was sprayed or stuck', (f) =>
  f.stack.layers.some(({ grip }) => grip === 'sprayed' || grip === 'sticky'),
)
export const sewnDense = asks('a dense design', (f) => f.dense)
export const filled = asks('a medium or dense fill', (f) => f.work.loadClass === 'medium' || f.dense)
export const ground = asks('the thread and its ground differ much', (f) => f.contrast > 50)
export const textured = asks('a face that swallows stitches', (f) => f.textured)
export const marksEasily = asks('a face that a hoop marks', (f) => f.bruise !== 'low')
export const takesSteam = asks('steam leaves no spot on it', (f) => !f.waterMarks && !f.coated)
export const tightened = asks('the top was tightened', (f) => f.tension === 'tightened')
export const eased = asks('the top was eased', (f) => f.tension === 'eased')

const sizeOf = (f: Afterwards): number => Number.parseInt(f.stack.needle?.size ?? '75', 10)
export const oldNeedle = asks(
  'the needle had sewn eight hours or struck something',
  (f) => (f.needleMinutes ?? 0) >= 480 || (f.needleStrikes ?? 0) > 0,
)
export const struck = asks('the needle had struck something', (f) => (f.needleStrikes ?? 0) > 0)
export const needleSmall = asks(
  'the needle was small for the thread or the cloth',
  (f) => (f.work.topThread.weight <= 30 || f.work.topThread.fibre === 'metallic' || f.sturdy) && sizeOf(f) < 90,
)
export const needleLarge = asks('the needle was large for the cloth', (f) => sizeOf(f) >= (f.knit || f.fine ? 80 : 90))
export const needleSharp = asks(
  'the needle was no ballpoint',
  (f) => f.stack.needle !== undefined && f.stack.needle?.point !== 'ballpoint',
)
export const knitted = asks('a knit', (f) => f.knit)
export const hard = asks('thick or hard cloth', (f) => f.sturdy || f.thickness >= 2 || f.coated)
export const fast = asks('over 600 stitches a minute', (f) => (f.speedSpm ?? 0) > 600)
export const heavyBobbin = asks(
  'a bobbin as heavy as the top thread',
  (f) => f.bobbin !== null && f.bobbin.weight <= f.work.topThread.weight,
)
export const unlooked = asks('it was not looked at how it lay in the hoop', (f) => f.looked === false)
export const loadedTurned = asks('it was loaded turned', (f) => f.turned)
export const nextToSkin = asks('it lies next to the skin', (f) => f.skin)
export const seeThrough = asks('pale and thin enough to show what is under it', (f) => f.paleThin)
