import type { HoldingMethod } from '@thimble/core/recipe'
import type { LengthStyle } from '@thimble/core/lengths'
import { itemKinds } from '@thimble/core/placement'
import { applyPose, composePose, inversePose, type Point, type Pose } from '@thimble/core/plane'
import { Piece } from '@thimble/contract'
import {
  checkStraight,
  decideStage,
  dialMessage,
  dialMove,
  hoopingAtHand,
  keptTry,
  moveAt,
  type Move,
  movesOf,
  newPiece,
  notchesFromCross,
  planPiece,
  tryOf,
  writeLanded,
} from '@thimble/plan'
import { sewingAtHand, startFacts, startLines } from '@thimble/plan/stitching'
import fc from 'fast-check'
import { apply } from 'json-merge-patch'
import { readyDemo } from '../../demo/readyDemo'

const demo = readyDemo()
const shelf = { ...demo, designs: Object.fromEntries(demo.designs.map((design) => [design.id, design])) }

// All of them with `npm run endure`.
const PIECES = process.env.THIMBLE_ENDURE ? 2000 : 15

const mm = (value: number) => ({ text: String(value), unit: 'mm' as const })
const anyKind = fc.constantFrom(...itemKinds).chain((kind) =>
  fc.record({
    kind: fc.constant(kind),
    size: fc.constantFrom(...kind.sizes.map(({ id }) => id)),
    placement: fc.constantFrom(...kind.placements.map(({ id }) => id)),
  }),
)
/** Any item, with a design of the shelf or by its size alone, on any machine, in any hoop, held and turned in any way. */
const anyPiece = fc.record({
  item: anyKind,
  design: fc.oneof(
    fc.constantFrom(...demo.designs.map(({ id }) => id)),
    fc.record({ width: fc.integer({ min: 20, max: 140 }), height: fc.integer({ min: 20, max: 110 }) }),
  ),
  stitches: fc.constantFrom('', '4200'),
  family: fc.constantFrom(...(['pique', 'canvas', 'terry', 'jersey', 'twill', 'velvet-plush'] as const)),
  hoopId: fc.constantFrom(null, ...demo.hoops.map(({ id }) => id)),
  machineId: fc.constantFrom(null, ...demo.machines.map(({ id }) => id)),
  holding: fc.constantFrom<HoldingMethod | null>(null, 'hooped', 'floated', 'clamped', 'backing-under'),
  turn: fc.constantFrom(null, null, 0, 90, 180, 270),
  style: fc.constantFrom<LengthStyle>({ unit: 'mm' }, { unit: 'in', fraction: 8 }, { unit: 'in', fraction: 16 }),
})

/** Where the middle of the design comes out on the piece, when the notches are laid as told by the tape and all is dialled. */
function sewnAt(pose: Pose, notches: Point, offset: Point, dialled: Pose, target: Pose): Point {
  // The cross lies on the piece where the target is, turned as it is hooped; the notches from it as told, in the hoop's own axes.
  const crossInHoop = { x: offset.x - notches.x, y: offset.y - notches.y, rotation: pose.rotation }
  const toPiece = composePose(target, inversePose(crossInHoop))
  return applyPose(toPiece, { x: dialled.x, y: dialled.y })
}

const triple = ({ turn, right, down }: Move): number[] => [turn, right, down]

type Any = ReturnType<typeof drawn>[number]
const drawn = (seed: number) => fc.sample(anyPiece, { numRuns: PIECES, seed })

/** Such a piece, begun and measured, with what is planned for it. */
function begun(i: number, { item, design, stitches, family, hoopId, machineId, holding, turn, style }: Any) {
  const stock = { ...shelf, shop: { ...shelf.shop, ...style } }
  const fresh = newPiece({
    ...{ id: `p${i}`, name: 'A piece', createdAt: '2026-11-25T10:00:00.000Z', family },
    ...{ item: { kind: item.kind.id, size: item.size }, placement: item.placement },
  })
  const measured =
    typeof design === 'string'
      ? { designId: design }
      : { ownDesign: { ...fresh.measure.ownDesign, width: mm(design.width), height: mm(design.height), stitches } }
  const piece = Piece.parse({
    ...fresh,
    measure: { ...fresh.measure, ...measured },
    hoop: { ...fresh.hoop, hoopId, machineId, holding, turn },
  })
  const plans = planPiece(piece, stock)
  return { piece, stock, plans, at: hoopingAtHand(piece, plans.hoop, plans.marked) }
}

// eslint-disable-next-line complexity -- each place the dial stands at, one after another
it('the dial is one and the same at Hoop, on the list and at the machine, and a hand that follows lands on the mark', () => {
  const wrong: string[] = []
  let [fitted, off, alone] = [0, 0, 0]
  for (const [i, one] of drawn(15).entries()) {
    const { item, design, stitches, family, style } = one
    const { piece, stock, plans, at } = begun(i, one)
    const { hoop: plan, marked } = plans
    if (!at || !plan.chosen?.fits || at.added) continue
    fitted++
    if (typeof design !== 'string' && stitches === '') alone++
    const move = dialMove({ piece, marked, machine: plan.machine, at })
    const sewing = sewingAtHand(piece, plans, stock)!
    const list = startLines(piece, plans.built, startFacts(piece, plans, sewing, stock))
    const said = list.find(({ line }) => line.code === 'start.move')?.said
    const what = `${item.kind.id} ${item.placement} in ${at.hoop.name}, ${plan.method}, ${family}`
    if (JSON.stringify(said) !== JSON.stringify(dialMessage(move))) wrong.push(`${what}: the list says another dial`)
    if (JSON.stringify(triple(sewing.move!)) !== JSON.stringify(triple(move)))
      wrong.push(`${what}: the machine has another`)
    if (plans.built.stack!.holding !== plan.method) wrong.push(`${what}: its stack is ${plans.built.stack!.holding}`)
    const notches = notchesFromCross(at.hoop, at.pose)
    const mark = style.unit === 'mm' ? 1 : 25.4 / style.fraction!
    // With less room than from one mark of the tape to the next no length on it may do.
    if (Math.min(...Object.values(plan.chosen.fit.slack)) < mark) continue
    for (const [name, far] of Object.entries(notches))
      if (Math.abs(far / mark - Math.round(far / mark)) * mark > 0.06)
        wrong.push(`${what}: notches ${far} ${name} are not on the tape`)
    if (Math.hypot(notches.x, notches.y) > 0.5) off++
    const taped = { x: Math.round(notches.x / mark) * mark, y: Math.round(notches.y / mark) * mark }
    const came = sewnAt(at.pose, taped, at.hoop.notchOffset ?? { x: 0, y: 0 }, move.pose, at.target)
    const missed = Math.hypot(came.x - at.target.x, came.y - at.target.y)
    if (missed > Math.max(0.5, move.left + 0.06)) wrong.push(`${what}: ${missed} mm off`)
  }
  expect(wrong).toEqual([])
  expect([fitted > PIECES / 3, off > PIECES / 40, alone > PIECES / 12]).toEqual([true, true, true])
})

const now = '2026-11-25T11:00:00.000Z'

// eslint-disable-next-line complexity -- each place the dial stands at, one after another
it('after a check the dial is that of the check on the list, on paper, at the machine and in the record, and it lands', () => {
  const wrong: string[] = []
  let checked = 0
  for (const [i, one] of drawn(16).entries()) {
    const first = begun(i, one)
    if (!first.at || !first.plans.hoop.chosen?.fits) continue
    const decided = (['measure', 'build', 'hoop'] as const).reduce((piece, stage) => {
      const change = decideStage(piece, stage, planPiece(piece, first.stock), now)
      return change ? Piece.parse(apply(structuredClone(piece), change)) : piece
    }, first.piece)
    if (decided.hoop.kept.length === 0) continue
    // Hooped crooked, by up to 4 degrees and 5 mm each way.
    const askew = { x: (i % 11) - 5, y: (i % 7) - 3, rotation: ((i % 9) - 4) * 1.1 }
    const plans = planPiece(decided, first.stock)
    const at = hoopingAtHand(decided, plans.hoop, plans.marked)!
    const lies = composePose(composePose(askew, at.pose), inversePose(at.target))
    const { unit } = first.stock.shop
    const offset = at.hoop.notchOffset ?? { x: 0, y: 0 }
    const seen = at.marks.filter(({ kind }) => kind !== 'arrow')
    const landed = seen.map(({ id, at: mark }) => {
      const there = applyPose(lies, mark)
      return [id, writeLanded({ x: there.x - offset.x, y: there.y - offset.y }, { unit })]
    })
    const looked = { ...decided, hoop: { ...decided.hoop, landed: Object.fromEntries(landed) } }
    const ask = { marked: plans.marked, plan: plans.hoop, shop: first.stock.shop, hoops: first.stock.hoops }
    const check = checkStraight({ ...ask, piece: looked })
    const kept = check && tryOf(check, looked, 'kept', now)
    if (!check?.move || !check.correction || !kept) continue
    checked++
    const piece = { ...looked, hoop: { ...looked.hoop, tries: { one: kept } } }
    const then = planPiece(piece, first.stock)
    const stands = { piece, marked: then.marked, hoop: then.hoop }
    const sewing = sewingAtHand(piece, then, first.stock)!
    const list = startLines(piece, then.built, startFacts(piece, then, sewing, first.stock))
    const record = Piece.parse(apply(structuredClone(piece), decideStage(piece, 'finish', then, now)!)).finish.kept[0]!
    const is = JSON.stringify(triple(check.move))
    const { turn, right, down } = record.dialled[0]!
    const others = {
      hoop: JSON.stringify(triple(moveAt(stands, hoopingAtHand(piece, then.hoop, then.marked)!))),
      paper: JSON.stringify(triple(movesOf(stands)[0]!)),
      machine: JSON.stringify(triple(sewing.move!)),
      record: JSON.stringify([turn, right, down]),
    }
    for (const [where, dial] of Object.entries(others)) if (dial !== is) wrong.push(`${i} ${where}: ${dial}, not ${is}`)
    const said = list.find(({ line }) => line.code === 'start.move')?.said
    if (JSON.stringify(said) !== JSON.stringify(dialMessage(check.move))) wrong.push(`${i}: the list says another dial`)
    // Where the cross really is in the hoop, and where the design is sewn: as far apart as rounding to steps leaves.
    const mark = applyPose(lies, at.target)
    const added = at.added ?? { right: 0, down: 0 }
    const missed = Math.hypot(check.move.pose.x - mark.x - added.right, check.move.pose.y - mark.y - added.down)
    if (then.hoop.machine.turns === 'any' && missed > Math.max(0.8, check.move.left + 0.3))
      wrong.push(`${i}: ${missed} mm off`)
    expect(keptTry(piece, at.group)).toEqual(kept)
  }
  expect(wrong).toEqual([])
  expect(checked).toBeGreaterThan(PIECES / 4)
})
