import type { Basis, DesignCard, DecidedStack, Machine, Thread } from '@thimble/contract'
import type { ShopRecord } from '@thimble/contract/log'
import { stackMm } from '@thimble/core/recipe'
import { clothBefore, clothSeconds, type ToSew } from '@thimble/core/sewing'
import { type StitchTime, stitchTime, threadUse, usualHoopingMinutes } from '@thimble/core/thread'
import { readCount } from '../measure/readTyped'
import type { PieceDesign } from '../measure/pieceDesign'
import type { TimesSewn } from '../hoop/timesSewn'
import { type Spools, spoolFor } from './spools'
import { coreLayers } from './stacks'

/** Metres of one colour against what the stash has of it: `leftM` null where no spool of it is known. */
export type ColourNeed = { colour: string; metres: number; thread: Thread | null; leftM: number | null }
export type ThreadPlan = {
  colours: ColourNeed[]
  bobbinMetres: number
  /** In stitch order, copy by copy: what each takes of the bobbin. */
  blocks: { colour: string; bobbinMetres: number }[]
  /** The same of one copy, with all that is sewn of each block. */
  sewn: ToSew[]
  speedSpm: number
  /** At this machine's own pace, where that is known. */
  time: StitchTime
  pace: Pace | null
  /** Reckoned, not counted from real stitches. */
  estimated: boolean
}

/** How much longer a machine really takes than estimated, by its own runs; from five of them on. */
export type Pace = ShopRecord['paces'][number]

type Block = DesignCardBlock & { colour: string }
type DesignCardBlock = NonNullable<DesignCard['summary']>['blocks'][number]

type ThreadPlanInput = {
  design: PieceDesign
  times: TimesSewn
  designs: Readonly<Record<string, DesignCard>>
  /** Stitches as typed where the design is known by its size alone. */
  typedStitches: string
  /** What it may have where nobody counted; left out: then nothing is worked out. */
  guessedStitches?: number
  basis: Basis
  stack: DecidedStack
  machine: Pick<Machine, 'usualSpm' | 'changeSeconds'>
  threads: readonly Thread[]
  spools?: Spools
  /** How much more than the forecast the shop's machines take. */
  factor?: number
  pace?: Pace | null
  /** The shop's own minutes of hooping, where it knows them. */
  record?: ShopRecord | undefined
}

/**
 * Thread, bobbin and minutes of a piece, all its copies, on its stack at the machine at hand; null while its stitches are
 * not known.
 * A machine with a needle for each colour changes quickly as it says; speed is the slower of stack and machine.
 */
export function planThread(ask: ThreadPlanInput): ThreadPlan | null {
  const { basis, stack, machine, times } = ask
  const once = blocksOf(ask)
  if (once.length === 0) return null
  const blocks = Array.from({ length: times.copies }, () => once).flat()
  const thickness = stackMm(coreLayers(stack.layers), basis.cloth.thicknessMm)
  const use = threadUse({ design: { blocks }, stackThickness: thickness, shopFactor: ask.factor ?? 1 })
  const speedSpm = Math.min(stack.speedSpm ?? machine.usualSpm, machine.usualSpm)
  const sum = (of: (block: Block) => number): number => blocks.reduce((all, block) => all + of(block), 0)
  const pace = ask.pace ?? null
  const reckoned = stitchTime({
    stitches: sum((b) => b.stitches),
    changes: blocks.filter((b, i) => i > 0 && b.colour !== blocks[i - 1]!.colour).length,
    trims: sum((b) => b.trims),
    speedSpm,
    changeSeconds: machine.changeSeconds,
    hoopingMinutes: times.hoopings * hoopingMinutesOf(stack.holding, ask.record),
  })
  return {
    colours: use.byColour.map(({ colour, topMetres }) => needOf(colour, topMetres, ask)),
    bobbinMetres: use.bobbinMetres,
    blocks: use.byBlock.map(({ colour, bobbinMetres }) => ({ colour, bobbinMetres })),
    sewn: once.map(({ colour, stitches, trims }, i) => {
      const { topMetres, bobbinMetres } = use.byBlock[i]!
      return { colour, stitches, trims, topMetres, bobbinMetres, ...ask.design.patches[i] }
    }),
    speedSpm,
    time: withCloth(atPace(reckoned, pace?.factor ?? 1), times.copies * clothSeconds(clothBefore(ask.design.patches))),
    pace,
    estimated: blocks.some((b) => b.estimated),
  }
}

const hoopingMinutesOf = (holding: DecidedStack['holding'], record: ShopRecord | undefined): number =>
  record?.hands?.hooping.find((one) => one.holding === holding)?.minutes ?? usualHoopingMinutes(holding)

/** All that the machine does takes so much longer; hands do not. */
function atPace({ parts }: StitchTime, factor: number): StitchTime {
  const { hooping } = parts
  const [stitching, changes, trims] = [parts.stitching * factor, parts.changes * factor, parts.trims * factor]
  return { seconds: stitching + changes + trims + hooping, parts: { stitching, changes, trims, hooping } }
}

/** Laying and trimming is by hand too, between the changes. */
const withCloth = ({ seconds, parts }: StitchTime, cloth: number): StitchTime => ({
  seconds: seconds + cloth,
  parts: { ...parts, changes: parts.changes + cloth },
})

function needOf(colour: string, metres: number, { threads, spools }: ThreadPlanInput): ColourNeed {
  const thread = spoolFor(colour, threads, spools)
  return { colour, metres, thread, leftM: thread?.leftM ?? null }
}

function blocksOf({ design, designs, typedStitches, guessedStitches }: ThreadPlanInput): Block[] {
  const card = design.id ? designs[design.id] : undefined
  if (card?.summary) return scaled(card, card.summary.blocks, design.change?.scale ?? 1)
  const stitches = (card ? card.stitches : readCount(typedStitches).value) || guessedStitches
  if (!stitches) return []
  const each = Math.round(stitches / design.colours.length)
  return design.colours.map((colour) => ({ colour, stitches: each, lengthMm: 0, jumps: 0, trims: 0, estimated: true }))
}

/** A list of stitches keeps its count when it is made larger; artwork is stitched again, over its area. */
function scaled(card: DesignCard, blocks: readonly DesignCardBlock[], scale: number): Block[] {
  const [count, length] = card.source === 'artwork' ? [scale * scale, scale * scale] : [1, scale]
  return blocks.map((block, i) => ({
    ...block,
    colour: card.colours[i] ?? card.colours[0]!,
    stitches: Math.round(block.stitches * count),
    lengthMm: block.lengthMm * length,
  }))
}
