import { collections, type Difference, Piece, type Shop, type StageId, stageIds } from '@thimble/contract'
import type { ShopFile } from '@thimble/contract/answers'
import { habitQuestions, type HouseHabits } from '@thimble/core/habits'
import { itemKinds } from '@thimble/core/placement'
import { writeMessage } from '@thimble/language'
import {
  beforeStart,
  builtOf,
  differencesOf,
  isDone,
  decideStage,
  logRowOf,
  markedOf,
  offMachine,
  openDifferences,
  planBuild,
  planMeasure,
  planPiece,
  reasonsOf,
  type Shelf,
  writeDifference,
} from '@thimble/plan'
import { readyDemo } from '../../demo/readyDemo'
import { at, measured, patched, polo, shelf as small } from './marramAndTide'

const demo: ShopFile = readyDemo()
const byId = <T extends { id: string }>(docs: readonly T[]) => Object.fromEntries(docs.map((doc) => [doc.id, doc]))
const shelf: Shelf = { ...demo, designs: byId(demo.designs) }

/** The stages marked done one after another, as a hand would have. */
const done = (piece: Piece, on: Shelf, stages: readonly StageId[] = stageIds): Piece =>
  stages.reduce((so, stage) => {
    const change = isDone(so, stage) ? null : decideStage(so, stage, planPiece(so, on), at)
    return change ? Piece.parse(patched(so, change)) : so
  }, piece)

/** Every piece of the demo in the log, each with a landing and a fault. */
const finished = demo.pieces.map((piece) => {
  const hoopId = piece.hoop.hoopId ?? 'hoop-large-260'
  const finish = { low: { text: '2', unit: 'mm' as const, way: 'low' as const }, faults: { puckering: { howBad: 1 } } }
  return done(patched(piece, { hoop: { hoopId }, ...(isDone(piece, 'finish') ? {} : { finish }) } as never), shelf)
})

const habitsWith = (over: Partial<HouseHabits>): Shop => ({ ...shelf.shop, habits: { ...shelf.shop.habits, ...over } })
/** Every one with `npm run endure`, one in three with `npm test`; the first of each list shows the whole of its kind. */
const ONE_IN = process.env.THIMBLE_ENDURE ? 1 : 6
const some = finished.filter((_, i) => i % ONE_IN === 0)
const someOfDemo = demo.pieces.filter((_, i) => i % ONE_IN === 0)

/** Each habit changed to each of its other choices. */
const otherHabits = habitQuestions.flatMap(({ id, choices }) =>
  choices.filter((c) => c.value !== shelf.shop.habits[id]).map((c) => habitsWith({ [id]: c.value })),
)
const everyHabitOther = habitsWith(
  Object.fromEntries(
    habitQuestions.map(({ id, choices }) => [id, choices.find((c) => c.value !== shelf.shop.habits[id])!.value]),
  ),
)
const scaled = Object.fromEntries(
  demo.designs.map((design) => [
    design.id,
    { ...design, width: design.width * 1.3, height: design.height * 1.3, colours: ['#123456'], kind: 'line' as const },
  ]),
)

/** All that the log, the record and the done stages of a ticket tell, in words. */
function told(piece: Piece, on: Shelf): string {
  const plans = planPiece(piece, on)
  const style = { unit: on.shop.unit, fraction: on.shop.fraction }
  const [marks] = piece.measure.kept
  const lines = (list: ReturnType<typeof beforeStart>) =>
    list.map(({ line, ticked }) => [writeMessage(line.said), ticked])
  return JSON.stringify({
    row: logRowOf(piece),
    record: piece.finish.kept,
    marks: marks && [writeMessage(marks.placed, style), ...marks.steps.map(({ said }) => writeMessage(said, style))],
    poses: plans.marked.placed?.copies,
    design: [plans.marked.design.width, plans.marked.design.colours],
    lists: [lines(beforeStart(piece, plans.built)), lines(offMachine(piece, plans.built))],
    why: reasonsOf(plans.built).map(({ said }) => writeMessage(said)),
  })
}

describe('what was decided of a finished piece', () => {
  it('is there for every piece of the demo', () => {
    expect(finished.length).toBeGreaterThan(12)
    for (const piece of finished) {
      expect(stageIds.filter((stage) => !isDone(piece, stage))).toEqual([])
      expect(logRowOf(piece)).toMatchObject({ pieceId: piece.id })
      expect(collections.pieces.schema.parse(JSON.parse(JSON.stringify(piece)))).toEqual(piece)
    }
  })

  it('stays byte for byte with every habit changed, its design scaled or gone and its hoop removed', () => {
    for (const piece of some) {
      const before = told(piece, shelf)
      expect(told(piece, { ...shelf, shop: everyHabitOther, designs: scaled })).toBe(before)
      expect(told(piece, { ...shelf, designs: {}, hoops: [], supplies: [] })).toBe(before)
    }
  })

  it('stays with every distance of the catalogue altered', () => {
    const before = some.map((piece) => told(piece, shelf))
    const open = planPiece(polo(), small).measure.placement!.placed
    const rules = itemKinds.flatMap((kind) => kind.placements)
    const originals = rules.map((rule) => ({ ...rule }))
    for (const rule of rules) alter(rule as never)
    expect(some.map((piece) => told(piece, shelf))).toEqual(before)
    expect(planPiece(polo(), small).measure.placement!.placed).not.toEqual(open)
    rules.forEach((rule, i) => Object.assign(rule, originals[i]))
  })

  it('is reworded by other units, and is the same numbers', () => {
    const inches = { ...shelf, shop: { ...shelf.shop, unit: 'in' as const } }
    for (const piece of some) {
      const before = JSON.stringify(piece)
      const [mm, inch] = [told(piece, shelf), told(piece, inches)]
      expect(JSON.stringify(piece)).toBe(before)
      const { marks, ...numbers } = JSON.parse(mm)
      const { marks: inInches, ...same } = JSON.parse(inch)
      expect(same).toEqual(numbers)
      if (/\d mm/.test(marks[0])) expect(inInches[0]).toMatch(/"/)
      expect(inInches.join()).not.toMatch(/\d mm/)
    }
  })
})

type Away = { mm: number }
type Rule = Record<'spot' | 'row' | 'corners', ((context: unknown) => { down?: Away; inset: Away }) | undefined>

/** Everything 20 mm further from where it is counted. */
function alter(rule: Rule): void {
  for (const way of ['spot', 'row', 'corners'] as const) {
    const was = rule[way]
    if (!was) continue
    rule[way] = (context) => {
      const spot = was(context)
      if (spot.down) return { ...spot, down: { ...spot.down, mm: spot.down.mm + 20 } }
      return { ...spot, inset: { ...spot.inset, mm: spot.inset.mm + 20 } }
    }
  }
}

describe('the lists of Stitch and Finish', () => {
  const codes = (list: ReturnType<typeof beforeStart>): string[] => list.map(({ line }) => line.code)
  const builtOn = (piece: Piece, on: Shelf) => {
    const { design } = markedOf(piece.measure.kept, planMeasure(piece, on), on.designs)
    return builtOf(piece.build, planBuild(piece, design, on))
  }

  it('belong to the kept stack under every habit, also while they are still open', () => {
    for (const piece of someOfDemo) {
      const open = patched(done(piece, shelf, ['measure', 'build']), { stitch: { kept: [] }, finish: { kept: [] } })
      const lists = (on: Shelf): string[][] => {
        const built = builtOn(open, on)
        return [codes(beforeStart(open, built)), codes(offMachine(open, built))]
      }
      const before = lists(shelf)
      for (const shop of [...otherHabits, everyHabitOther]) expect(lists({ ...shelf, shop })).toEqual(before)
    }
  })

  it('ask for film where film lies, and never where none does', () => {
    let films = 0
    for (const shop of [shelf.shop, ...otherHabits, everyHabitOther])
      for (const piece of demo.pieces) {
        const bare = patched(piece, { build: { kept: [], stack: null }, stitch: { kept: [] }, finish: { kept: [] } })
        const built = builtOn(bare, { ...shelf, shop })
        const film = built.stack?.layers.some((layer) => layer.kind === 'wash-away-film') ?? false
        expect(codes(offMachine(bare, built)).includes('finish.film')).toBe(film)
        films += Number(film)
      }
    expect(films).toBeGreaterThan(10)
  })
})

describe('a change in what a decision rests on', () => {
  const ready = polo({ measure: { designId: 'tern', measures: measured }, hoop: { hoopId: 'square' } })
  const decided = done(ready, small, ['measure', 'build', 'hoop'])
  const words = (piece: Piece, stage: StageId, on: Shelf): string[] => {
    const plans = planPiece(piece, on)
    const style = plans.measure.style
    return openDifferences(piece, stage, plans).map((d) => writeDifference(d, style, plans.built))
  }
  const other = (habits: Partial<HouseHabits>): Shelf => ({
    ...small,
    shop: { ...small.shop, habits: { ...small.shop.habits, ...habits } },
  })

  it('is told in numbers, and changes nothing by itself', () => {
    const underarm = other({ chestRule: 'underarm-level' })
    expect(words(decided, 'measure', small)).toEqual([])
    expect(words(decided, 'measure', underarm)[0]).toMatch(
      /^183 mm is now 179 mm: Cross 179 mm below the shoulder point/,
    )
    const { marked, hoop } = planPiece(decided, underarm)
    expect(marked.placed!.pose).toEqual(planPiece(decided, small).marked.placed!.pose)
    expect(hoop.chosen!.target).toEqual(decided.hoop.kept[0]!.target)
  })

  it('tells of a design that was scaled by its size', () => {
    const tern = { ...small.designs.tern!, width: 100.8, height: 74.4 }
    const [said] = words(decided, 'measure', { ...small, designs: { tern } })
    expect(said).toMatch(/^84 mm is now 101 mm, 62 mm is now 74 mm/)
  })

  it('tells layers by their names, and of a hoop that is gone', () => {
    expect(words(decided, 'build', other({ topping: 'always' })).join(' ')).toMatch(/^Now also: .*film/i)
    expect(words(decided, 'hoop', { ...small, hoops: [] })).toEqual([
      'Was: square, 100 mm × 100 mm in its field. Now: the hoop is no longer in the stash.',
    ])
  })

  it('is not told again once the worker has kept what was decided, until it is another change', () => {
    const underarm = other({ chestRule: 'underarm-level' })
    const plans = planPiece(decided, underarm)
    const declined: Difference[] = differencesOf(decided, 'measure', plans)
    const kept = patched(decided, { measure: { declined } })
    expect(words(kept, 'measure', underarm)).toEqual([])
    expect(words(kept, 'measure', other({ chestRule: 'neck-seam' }))).toHaveLength(1)
  })

  it('comes in when the worker takes it, and then leaves nothing to tell', () => {
    const underarm = other({ chestRule: 'underarm-level' })
    const taken = patched<Piece>(decided, decideStage(decided, 'measure', planPiece(decided, underarm), at)!)
    expect(writeMessage(taken.measure.kept[0]!.placed)).toMatch(/^Cross 179 mm below/)
    expect(words(taken, 'measure', underarm)).toEqual([])
    expect(words(taken, 'hoop', underarm)).toEqual([])
  })
})

describe('another way of holding', () => {
  it('keeps the layers that were chosen, and grips and cuts them for it', () => {
    const ready = polo({ measure: { designId: 'tern', measures: measured }, hoop: { hoopId: 'square' } })
    const built = done(ready, small, ['measure', 'build'])
    const floated = patched(built, { hoop: { holding: 'floated' } })
    const [before, after] = [planPiece(built, small), planPiece(floated, small)]
    const kinds = ({ built }: typeof before) => built.stack!.layers.map(({ kind, sheets }) => [kind, sheets])
    const grips = ({ built }: typeof before) => built.stack!.layers.map(({ grip }) => grip)
    expect([before.built.stack!.holding, after.built.stack!.holding]).toEqual(['hooped', 'floated'])
    expect(kinds(after)).toEqual(kinds(before))
    expect([grips(before)[0], grips(after)[0]]).toEqual(['in-ring', 'sprayed'])
    expect(after.hoop.method).toBe('floated')
    // The decision itself stands; what is advised for it is told.
    expect(after.build.advised?.holding).toBe('floated')
  })
})
