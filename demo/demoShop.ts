import { DesignCard, Piece, type StageId, stageIds } from '@thimble/contract'
import { ShopFile } from '@thimble/contract/answers'
import { decideStage, planPiece, preparing } from '@thimble/plan'
import { type Stock, consumptionOfRecord } from '@thimble/plan/consumption'
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { demoDesigns } from './designs'

type Shelves = Stock & Pick<ShopFile, 'bobbins'>
type Done = Partial<Record<StageId, string>>
type Written = { today: string; pieces: ({ done: Done } & object)[] }

/** The made-up shop as a shop file; `folder` is where demo/ lies. */
export function demoShop(folder: string): ShopFile {
  const { today, pieces, ...shop } = JSON.parse(readFileSync(path.join(folder, 'shop.json'), 'utf8')) as Written
  const made = demoDesigns((file) => readFileSync(path.join(folder, 'designs', `${file}.svg`), 'utf8'))
  const at = `${today}T08:03:00.000Z`
  const designs = made.map(({ packed, ...design }) => DesignCard.parse({ ...design, createdAt: at, updatedAt: at }))
  const packedDesigns = made.map(({ id, packed }) => ({ id, packed }))
  const bare = ShopFile.parse({ ...shop, designs, packedDesigns })
  const shelf = { ...bare, designs: Object.fromEntries(designs.map((design) => [design.id, design])) }
  const now = pieces.map(({ done, ...piece }) => worked(Piece.parse(piece), done, shelf))
  const past = JSON.parse(readFileSync(path.join(folder, 'past.json'), 'utf8')) as Past[]
  return { ...bare, pieces: [...now, ...past.map((one) => pastPiece(one, now))] }
}

/** A piece of an earlier order: like one of today's, but for when and how it came out. Lengths in mm, low and right positive. */
type Past = Pick<Piece, 'id' | 'name' | 'customer' | 'run'> & {
  like: string
  at: string
  low: number
  side: number
  stitching: number
  forecast: number
  faults?: Kept['faults'][number]['id'][]
} & Pick<Kept, 'verdict' | 'tries'> &
  Partial<Pick<Kept, 'hoop' | 'holding' | 'note'>> & { minutes: number }
type Kept = Piece['finish']['kept'][number]

/** What went off the stash for it has long been bought again. */
function pastPiece({ like, at, low, side, stitching, forecast, faults = [], ...told }: Past, today: Piece[]): Piece {
  const piece = today.find(({ id }) => id === like)!
  const [kept] = piece.finish.kept
  const { id, name, customer, run, note = '', ...record } = told
  const now: Kept = {
    ...kept!,
    ...record,
    ...{ at, note, nextTime: '', took: [], landing: { dx: side, dy: low, rotation: null } },
    faults: faults.map((fault) => ({ id: fault, howBad: 2, at: [] })),
    forecast: { stitches: 8000, minutes: forecast },
    minutesBy: { ready: 6, hooping: record.minutes - stitching - 10, stitching, finishing: 4 },
  }
  const typed = (mm: number, ways: readonly [string, string]) => ({
    ...{ text: String(Math.abs(mm)), unit: 'mm', way: ways[mm < 0 ? 1 : 0] },
  })
  return Piece.parse({
    ...piece,
    ...{ id, name, customer, run, createdAt: at, updatedAt: at },
    finish: {
      ...piece.finish,
      ...{ kept: [now], note, nextTime: '', verdict: record.verdict, minutes: String(record.minutes) },
      ...{ low: typed(low, ['low', 'high']), side: typed(side, ['right', 'left']) },
      faults: Object.fromEntries(faults.map((fault) => [fault, { howBad: 2 }])),
    },
  })
}

/** The day the demo's dates are meant for. */
export const demoToday = (folder: string): string =>
  (JSON.parse(readFileSync(path.join(folder, 'shop.json'), 'utf8')) as Written).today

/** All that is done before the tape goes on. */
function madeReady(piece: Piece, shelf: Shelves): Piece {
  const { build, measure } = planPiece(piece, shelf)
  const ticks = preparing(piece, build.basis, measure.placement).map(({ id }) => [id, true])
  return { ...piece, measure: { ...piece.measure, marked: { ...piece.measure.marked, ...Object.fromEntries(ticks) } } }
}

/** The stages marked done one after another, as a hand would have. */
function worked(piece: Piece, done: Done, shelf: Shelves): Piece {
  return stageIds.reduce((was, stage) => {
    const at = done[stage]
    const so = at && stage === 'measure' ? madeReady(was, shelf) : was
    const plans = at ? planPiece(so, shelf) : null
    const took = plans && stage === 'finish' ? consumptionOfRecord(so, plans, shelf, shelf.bobbins) : []
    const change = at && plans ? decideStage(so, stage, plans, at, { took }) : null
    return change ? Piece.parse({ ...so, [stage]: { ...so[stage], ...(change[stage] as object) } }) : so
  }, piece)
}
