import { Piece, RunEvent, type RunEventKind } from '@thimble/contract'
import type { Message } from '@thimble/core/messages'
import { writeMessage } from '@thimble/language'
import { dialMessage, dialMove, hoopingAtHand, planPiece } from '@thimble/plan'
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
  type StartFacts,
  startLines,
  startLists,
  stitchByClock,
  unsewn,
} from '@thimble/plan/stitching'
import { measuredMinutes } from '@thimble/plan/record'
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

  it('a needle that breaks while the next thread is waited for is counted, and the thread is waited for all the same', () => {
    const events = [event('started', 0, 0), event('waiting', 400, 60), event('needle-break', 400, 90)]
    expect(stitchingProgress(events, program)).toMatchObject({
      ...{ state: 'standing', why: 'waiting', needleBreaks: 1, sewnMs: 60_000 },
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
    // Fourteen threads are thirteen changes of 75 s, all of it a fifth longer than forecast; the last thread has none to come.
    const pace = { changeSeconds: 75, pace: 1.2 }
    expect(runNow(program, 0, pace).secondsLeft).toBeCloseTo(1.2 * (program.seconds + 13 * 75), 6)
    expect(runNow(program, program.blocks.at(-1)!.from, pace).secondsLeft).toBeCloseTo(
      1.2 * program.blocks.at(-1)!.seconds,
      6,
    )
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

  it('says what is not sewn yet of a piece begun at the machine, and nothing of one nobody told of', () => {
    const plans = planPiece(apron, stock)
    const stopped = [event('started', 0, 0), event('stopped', 110, 20)]
    expect(unsewn(apron, plans, stock, stopped)).toEqual({ of: 'stitches', sewn: 110, all: program.stitches })
    expect(unsewn(apron, plans, stock, [])).toBeNull()
    expect(unsewn(apron, plans, stock, [...stopped, event('ended', program.stitches, 90)])).toBeNull()
  })

  it('what it really took goes before the forecast: a strike, the bobbins that went in, the needle’s minutes; practice is none', () => {
    const plans = planPiece(apron, stock)
    expect(sewnReally(apron, plans, stock, [])).toBeNull()
    const practice = { by: 'machine', pace: 600 } as const
    const played = [event('started', 0, 0, practice), event('ended', program.stitches, 2, practice)]
    expect([sewnReally(apron, plans, stock, played), measuredMinutes(apron, played).stitching]).toEqual([
      null,
      undefined,
    ])
    const events = [
      ...played,
      event('started', 0, 10),
      event('needle-break', 100, 16),
      event('bobbin', 100, 17, { bobbinM: 30 }),
      event('resumed', 92, 70),
      event('ended', program.stitches, 82),
    ]
    const really = sewnReally(apron, plans, stock, events)!
    expect(really).toMatchObject({ minutes: 0.3, bobbins: 1, strikes: 1 })
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
    expect(writeMessage(lines(apron).find(({ line }) => line.code === 'start.needle')!.line.said)).toContain(
      '75/11 embroidery',
    )
  })

  it('says what to dial in as the machine shows it, whatever the shop measures in and whatever is known of the design', () => {
    const said = (move: { turn: number; right: number; down: number }): string =>
      writeMessage(dialMessage(move), { unit: 'in' }).replaceAll('\u00a0', ' ')
    expect([
      said({ turn: -90, right: 4.2, down: 1.6 }),
      said({ turn: 0, right: -20.5, down: -0.5 }),
      said({ turn: 1.5, right: 0, down: 0 }),
      said({ turn: 0, right: 0, down: 0 }),
    ]).toEqual([
      'Dial in 90° anticlockwise, 4.2 mm right, 1.6 mm toward you',
      'Dial in 20.5 mm left, 0.5 mm away from you',
      'Dial in 1.5° clockwise',
      'Centred: no turn, no move',
    ])
    const size = {
      ...apron.measure.ownDesign,
      width: { text: '70', unit: 'mm' as const },
      height: { text: '40', unit: 'mm' as const },
      stitches: '',
    }
    const measure = { ...apron.measure, designId: null, ownDesign: size, kept: [] }
    const bare = Piece.parse({ ...apron, measure, hoop: { ...apron.hoop, kept: [] } })
    const its = planPiece(bare, stock)
    const { move, estimated } = sewingAtHand(bare, its, stock)!
    const at = hoopingAtHand(bare, its.hoop, its.marked)!
    const hooped = dialMove({ piece: bare, marked: its.marked, machine: its.hoop.machine, at })
    expect([move!.turn, move!.right, move!.down]).toEqual([hooped.turn, hooped.right, hooped.down])
    expect(estimated).toBe(true)
    const list = startLines(bare, its.built, startFacts(bare, its, sewingAtHand(bare, its, stock), stock))
    const ids = list.map(({ line }) => line.code)
    expect(ids).toEqual(expect.arrayContaining(['start.move', 'start.bobbin', 'start.needle']))
    expect(list[ids.indexOf('start.move')]!.said).toEqual(dialMessage(hooped))
  })

  it('a line whose number changed since it was ticked is open again, and says what it was', () => {
    const now = lines(apron).find(({ line }) => line.code === 'start.move')!.said!
    const ticked = (id: string, said: Message | null) =>
      Piece.parse({
        ...apron,
        stitch: { ...apron.stitch, checks: { [id]: true }, checksSaid: said ? { [id]: said } : {} },
      })
    const line = (piece: Piece, id: string) => lines(piece).find((one) => one.line.code === id)
    const other = dialMessage({ turn: 0, right: 4, down: -1 })
    expect(line(ticked('start.move', other), 'start.move')).toMatchObject({ ticked: false, was: other })
    expect(line(ticked('start.move', now), 'start.move')).toMatchObject({ ticked: true, was: null })
    // As it was ticked before that was kept, and where a line has no number of its own.
    expect(line(ticked('start.move', null), 'start.move')).toMatchObject({ ticked: true, was: null })
    expect(line(ticked('check.under', null), 'check.under')).toMatchObject({ ticked: true, was: null })
  })

  it('a bobbin of which nothing is known is no full one: one goes in first, and the others are counted', () => {
    const said = (bobbin: NonNullable<StartFacts['bobbin']>): string =>
      writeMessage(
        startLines(apron, plans.built, { hooping: 0, move: null, roll: null, bobbin }).find(
          ({ line }) => line.code === 'start.bobbin',
        )!.line.said,
      )
    expect(said({ need: 54, left: null, full: 50, changes: 1 })).toBe(
      'Bobbin: 54 m needed. Put in a full one (50 m). Changes on the way: 1',
    )
    expect(said({ need: 20, left: null, full: 50, changes: 0 })).toBe('Bobbin: 20 m needed. Put in a full one (50 m)')
    expect(said({ need: 20, left: 30, full: 50, changes: 0 })).toBe('Bobbin: 20 m needed, 30 m on it')
    // A machine in which no bobbin is known, and full ones of 20 m in the drawer: 20 m go in first.
    const empty = { ...stock, machines: stock.machines.map((one) => ({ ...one, bobbin: null, bobbinM: null })) }
    const wound = [{ ...demo.bobbins[0]!, weight: plans.built.stack!.bobbin!.weight, left: 5, woundM: 20 }]
    const fact = startFacts(apron, planPiece(apron, empty), sewing, { ...empty, bobbins: wound }).bobbin!
    expect([fact.left, fact.full]).toEqual([null, 20])
  })

  it('pins that were counted in are said with their number', () => {
    const pinned = Piece.parse({ ...apron, stitch: { ...apron.stitch, pins: '6' } })
    expect(idsOf(pinned)).not.toContain('check.pins')
    expect(writeMessage(lines(pinned).find(({ line }) => line.code === 'start.pins-in')!.line.said)).toMatch(
      /^6 pins in,/,
    )
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
