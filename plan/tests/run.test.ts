import { Piece, RunEvent, type RunEventKind } from '@thimble/contract'
import { planPiece } from '@thimble/plan'
import {
  bobbinBefore,
  bobbinNow,
  changeBobbinHere,
  eventsOf,
  jobOf,
  runNow,
  stitchingProgress,
  sewingAtHand,
  sewnReally,
  startFacts,
  startLines,
  startLists,
  stitchByClock,
} from '@thimble/plan/stitching'
import { readyDemo } from '../../demo/readyDemo'

const demo = readyDemo()
const stock = { ...demo, designs: Object.fromEntries(demo.designs.map((design) => [design.id, design])) }
const apron = demo.pieces.find(({ id }) => id === 'piece-apron-2')!
const sewing = sewingAtHand(apron, planPiece(apron, stock), stock)!
const { program } = sewing

const START = Date.parse('2026-11-27T09:00:00.000Z')
let made = 0
const event = (kind: RunEventKind, stitch: number, second: number, over: Partial<RunEvent> = {}): RunEvent => {
  const at = new Date(START + second * 1000).toISOString()
  return RunEvent.parse({
    id: `e${made++}`,
    createdAt: at,
    updatedAt: at,
    revision: 0,
    name: 'Apron',
    piece: apron.id,
    kind,
    stitch,
    ...over,
  })
}

describe('a run told by its events', () => {
  it('a break at 812 after 90 s stands there; eight stitches back it sews on, and its time is the needle’s alone', () => {
    const events = [
      event('started', 0, 0),
      event('thread-break', 812, 90),
      event('resumed', 804, 210),
      event('stopped', 900, 240),
    ]
    const run = stitchingProgress(eventsOf([...events].reverse(), apron.id, 0), program)
    expect(run).toMatchObject({ state: 'standing', why: 'stopped', stitch: 900, breaks: 1, sewnMs: 120_000 })
    expect(stitchingProgress(events.slice(0, 2), program)).toMatchObject({
      state: 'standing',
      why: 'thread-break',
      stitch: 812,
    })
  })

  it('a shift and a bobbin are noted without stopping it; other pieces and hoopings are not its own', () => {
    const other = event('ended', 5000, 1, { hooping: 1 })
    const foreign = event('ended', 5000, 1, { piece: 'another' })
    const events = [
      event('started', 0, 0),
      event('shift', 40, 20),
      event('bobbin', 50, 25, { bobbinM: 30 }),
      other,
      foreign,
    ]
    expect(stitchingProgress(eventsOf(events, apron.id, 0), program)).toMatchObject({
      ...{ state: 'sewing', stitch: 0, shifts: [40] },
      bobbins: [{ stitch: 50, woundM: 30 }],
    })
  })

  it('by the clock it comes to the end of the first thread and waits there; the next thread on, it goes on', () => {
    const [first, second] = program.blocks
    const begun = stitchingProgress([event('started', 0, 0)], program)
    expect(stitchByClock(begun, program, START + 5 * 3600_000)).toBe(first!.to)
    const half = START + (first!.seconds / 2) * 1000
    expect(Math.abs(stitchByClock(begun, program, half) - first!.to / 2)).toBeLessThanOrEqual(1)
    const on = stitchingProgress([event('started', 0, 0), event('colour', first!.to, 400)], program)
    expect(stitchByClock(on, program, START + 5 * 3600_000)).toBe(second!.to)
    // A break just after the change: going back over the border does not ask for the thread again.
    const back = stitchingProgress(
      [event('started', 0, 0), event('colour', first!.to, 400), event('resumed', first!.to - 5, 500)],
      program,
    )
    expect(stitchByClock(back, program, START + 5 * 3600_000)).toBe(second!.to)
  })

  it('a machine with a needle for each colour goes on by itself, a change later', () => {
    const [first, second] = program.blocks
    const begun = stitchingProgress([event('started', 0, 0)], program)
    const there = START + first!.seconds * 1000
    expect(stitchByClock(begun, program, there + 3_000, 6)).toBe(first!.to)
    const halfway = there + 6_000 + (second!.seconds / 2) * 1000
    expect(Math.abs(stitchByClock(begun, program, halfway, 6) - (second!.from + second!.to) / 2)).toBeLessThanOrEqual(1)
    expect(stitchByClock(begun, program, START + 9 * 3600_000, 6)).toBe(program.stitches)
  })

  it('the bobbin counts from the one that went in last', () => {
    const whole = program.blocks.reduce((sum, { bobbinMetres }) => sum + bobbinMetres, 0)
    expect(bobbinNow(program, { bobbins: [] }, 20, program.stitches)!.left).toBeCloseTo(20 - whole, 6)
    expect(bobbinNow(program, { bobbins: [{ stitch: program.stitches, woundM: 40 }] }, 20, program.stitches)).toEqual({
      ...{ left: 40, need: 0, wound: 40 },
    })
    expect(bobbinNow(program, { bobbins: [] }, null, 0)).toBeNull()
    expect(runNow(program, 0)).toMatchObject({ thread: 1, threads: 14, secondsLeft: program.seconds })
  })

  it('a bobbin that does not last to the next stop is changed here, and not where a fresh one would not last either', () => {
    const [first] = program.blocks
    const enough = first!.bobbinMetres
    expect(changeBobbinHere(program, { left: enough * 0.9, wound: 30 }, 0)).toBe(true)
    expect(changeBobbinHere(program, { left: enough * 1.1, wound: 30 }, 0)).toBe(false)
    expect(changeBobbinHere(program, { left: enough * 0.9, wound: enough * 0.9 }, 0)).toBe(false)
    expect(changeBobbinHere(program, { left: 0, wound: 30 }, program.stitches)).toBe(false)
    expect(changeBobbinHere(program, null, 0)).toBe(false)
  })

  it('what it really took goes before the forecast: a strike, the bobbins that went in, true minutes at any pace', () => {
    const plans = planPiece(apron, stock)
    expect(sewnReally(apron, plans, stock, [])).toBeNull()
    const fast = { by: 'machine', pace: 10 } as const
    const events = [
      event('started', 0, 0, fast),
      event('needle-break', 100, 6, fast),
      event('bobbin', 100, 7, { bobbinM: 30 }),
      event('resumed', 92, 60, fast),
      event('ended', program.stitches, 72, fast),
    ]
    const really = sewnReally(apron, plans, stock, events)!
    expect(really).toMatchObject({ minutes: 3, bobbins: 1, strikes: 1 })
    const after = program.blocks.reduce((sum, { bobbinMetres }) => sum + bobbinMetres, 0)
    expect(really.endsWith).toBeGreaterThan(30 - after)
    expect(really.endsWith).toBeLessThan(30)
  })
})

describe('the list before the start', () => {
  const plans = planPiece(apron, stock)
  const lines = (piece: Piece) => startLines(piece, plans.built, startFacts(piece, plans, sewing, stock))
  const idsOf = (piece: Piece) => lines(piece).map(({ line }) => line.code)

  it('has the numbers of this piece: the move before the trace, the bobbin, the needle', () => {
    const ids = idsOf(apron)
    expect(ids.indexOf('start.move')).toBe(ids.indexOf('check.trace') - 1)
    expect(ids).toEqual(expect.arrayContaining(['start.bobbin', 'start.needle', 'check.ring', 'check.pins']))
    expect(ids).not.toContain('check.bobbin')
    expect(lines(apron).find(({ line }) => line.code === 'start.needle')!.line.text).toContain('75/11 embroidery')
  })

  it('pins that were counted in are said with their number', () => {
    const pinned = Piece.parse({ ...apron, stitch: { ...apron.stitch, pins: '6' } })
    expect(idsOf(pinned)).not.toContain('check.pins')
    expect(lines(pinned).find(({ line }) => line.code === 'start.pins-in')!.line.text).toMatch(/^Pins in: 6,/)
  })

  it('a row has a list for each hooping, ticked each by itself', () => {
    const runner = demo.pieces.find(({ id }) => id === 'piece-runner')!
    const hooped = Piece.parse({ ...runner, hoop: { ...runner.hoop, hoopId: 'hoop-long-180' } })
    const its = planPiece(hooped, stock)
    const lists = startLists(hooped, { ...its, built: plans.built }, stock)
    const hoopings = [...new Set(lists.map(({ hooping }) => hooping))]
    expect(hoopings.length).toBeGreaterThan(1)
    const ticked = Piece.parse({ ...hooped, stitch: { ...hooped.stitch, checks: { '1:check.under': true } } })
    const need = sewingAtHand(hooped, { ...its, built: plans.built }, stock)!.program.blocks.reduce(
      (sum, { bobbinMetres }) => sum + bobbinMetres,
      0,
    )
    const sewn = [event('started', 0, 0, { piece: hooped.id }), event('ended', 1e6, 60, { piece: hooped.id })]
    const before = (events: RunEvent[], group: number) =>
      bobbinBefore(hooped, { ...its, built: plans.built }, stock, { bobbinM: 20 }, { events, group })
    expect([before([], 1), before(sewn, 0), before(sewn, 1)]).toEqual([20, 20, 20 - need])
    const under = startLists(ticked, { ...its, built: plans.built }, stock).filter(
      ({ line }) => line.code === 'check.under',
    )
    expect(under.map((line) => line.ticked).slice(0, 2)).toEqual([false, true])
  })
})

it('a machine is given each copy where it lies in the hoop, and nothing while there is no hoop', () => {
  const card = demo.designs.find(({ id }) => id === apron.measure.designId)!
  const { marked } = planPiece(apron, stock)
  const job = jobOf(apron, marked, sewing, { card, bobbinM: 20, from: 0 })!
  expect(job).toMatchObject({ piece: apron.id, hooping: 0, design: { id: card.id, scale: 1 } })
  expect(job.blocks.reduce((sum, { stitches }) => sum + stitches, 0)).toBe(card.stitches)
  expect(jobOf(apron, marked, { ...sewing, at: null }, { card, bobbinM: 20, from: 0 })).toBeNull()
})
