import { type Patch, Piece } from '@thimble/contract'
import { chosenFrom, decideStage, lastTime, logRowOf, planPiece } from '@thimble/plan'
import { sameAgain } from '@thimble/plan/sameAgain'
import {
  hoopingsOfRecord,
  landingOf,
  landingProblems,
  landingTapes,
  landingTyped,
  measuredMinutes,
  minutesOf,
  troublesOf,
} from '@thimble/plan/record'
import { apply } from 'json-merge-patch'
import { readyDemo } from '../../demo/readyDemo'

const demo = readyDemo()
const shelf = { ...demo, designs: Object.fromEntries(demo.designs.map((design) => [design.id, design])) }
const find = (id: string): Piece => demo.pieces.find((piece) => piece.id === id)!
const patched = (piece: Piece, patch: Patch<Piece>): Piece => Piece.parse(apply(structuredClone(piece), patch))
const finish = (piece: Piece, patch: Patch<Piece['finish']>): Piece => patched(piece, { finish: patch } as Patch<Piece>)
const roll = find('piece-toolroll')
const inMm = (text: string) => ({ text, unit: 'mm' as const })

describe('where it landed', () => {
  it('off the dots: low and right are positive, a turn to the left negative', () => {
    const off = finish(roll, {
      low: { text: '2', unit: 'mm', way: 'high' },
      side: { text: '1', unit: 'mm', way: 'right' },
      turned: { text: '1.5', way: 'anticlockwise' },
    })
    expect(landingOf(off, 0)).toEqual({ dx: 1, dy: -2, rotation: -1.5 })
  })

  it('by the tape it was marked with: what it says more than was meant, the way it runs', () => {
    const tapes = landingTapes(roll)
    const [down, across] = [tapes.find(({ level }) => !level)!, tapes.find(({ level }) => level)!]
    const laid = finish(roll, {
      landedBy: 'tape',
      tapes: { [down.id]: inMm(String(down.meant + 3)), [across.id]: inMm(String(across.meant - 2)) },
    })
    const { dx, dy } = landingOf(laid, 0)
    expect(dy).toBeCloseTo(3 * down.way.y, 9)
    expect(dx).toBeCloseTo(-2 * across.way.x, 9)
    const only = finish(roll, { landedBy: 'tape', tapes: { [down.id]: inMm(String(down.meant)) } })
    expect(landingOf(only, 0)).toEqual({ dx: null, dy: 0, rotation: null })
    const odd = finish(roll, { landedBy: 'tape', tapes: { [down.id]: inMm('much') } })
    expect(landingProblems(landingTyped(odd, 0))[`tape.${down.id}`]).toMatch(/length/i)
  })

  it('each of several hoopings has its own', () => {
    const blanket = find('piece-blanket')
    const plans = planPiece(blanket, shelf)
    const marked = Piece.parse(
      apply(structuredClone(blanket), decideStage(blanket, 'measure', plans, '2026-11-27T08:00:00.000Z')!),
    )
    expect(hoopingsOfRecord(marked)).toBe(4)
    const third = finish(marked, {
      later: { 2: { ...landingTyped(marked, 2), low: { text: '4', unit: 'mm', way: 'low' } } },
    })
    expect([landingOf(third, 1).dy, landingOf(third, 2).dy]).toEqual([null, 4])
  })
})

it('minutes are as typed, else as measured, and add up', () => {
  const tried = { at: '2026-11-27T09:10:00.000Z', minutes: 4.5 }
  const events = [
    ['started', '09:20'],
    ['stopped', '09:32'],
    ['resumed', '11:00'],
    ['ended', '11:03'],
  ].map(([kind, at], i) => ({
    id: `${i}`,
    piece: roll.id,
    hooping: 0,
    kind,
    createdAt: `2026-11-27T${at}:00.000Z`,
    stitch: i,
    by: 'hand',
    pace: 1,
  }))
  const measured = measuredMinutes(
    { id: roll.id, hoop: { ...roll.hoop, tries: { a: tried } } } as unknown as Piece,
    events as unknown as Parameters<typeof measuredMinutes>[1],
  )
  // Nobody waits from 9:32 to 11:00 at a machine.
  expect(measured).toEqual({ hooping: 4.5, stitching: 15 })
  const typed = finish(roll, { minutesBy: { hooping: '6', finishing: '3' } })
  expect(minutesOf(typed, measured)).toEqual({ by: { hooping: 6, stitching: 15, finishing: 3 }, whole: 24 })
  expect(minutesOf(finish(roll, { minutes: '30' }), {})).toEqual({ by: {}, whole: 30 })
})

describe('a record that is amended', () => {
  const at = '2026-11-27T10:00:00.000Z'
  const kept = (piece: Piece, when: string): Piece =>
    Piece.parse(apply(structuredClone(piece), decideStage(piece, 'finish', planPiece(piece, shelf), when)!))

  it('keeps what it said before, and the log says what it says now', () => {
    const good = kept(finish(roll, { verdict: 'good', note: 'First.' }), at)
    const amended = kept(finish(good, { reopened: true, verdict: 'redo', note: 'Second.' }), '2026-11-28T10:00:00.000Z')
    expect(amended.finish.kept.map(({ verdict, note }) => [verdict, note])).toEqual([['redo', 'Second.']])
    expect(
      Object.values(amended.finish.earlier)
        .flat()
        .map(({ at: then, verdict, note }) => [then, verdict, note]),
    ).toEqual([[at, 'good', 'First.']])
    expect(logRowOf(amended)!.verdict).toBe('redo')
  })

  it('a change taken up goes into the same again: on its stack, and said there', () => {
    const layers = (piece: Piece) => Object.values(piece.build.stack!.layers).map(({ kind }) => kind)
    const sank = kept(
      finish(roll, {
        verdict: 'passable',
        faults: { sinking: { howBad: 2 } },
        trying: { change: 'film', fault: 'sinking' },
      } as Patch<Piece['finish']>),
      at,
    )
    expect(layers(sank)).not.toContain('wash-away-film')
    const again = sameAgain(sank, { id: 'again', now: at })
    expect(layers(again)).toEqual(['wash-away-film', ...layers(sank)])
    expect(again.build.trying).toEqual({ change: 'film', fault: 'sinking', from: roll.name })
    const slow = sameAgain(kept(finish(sank, { trying: { change: 'slow', fault: 'sinking' } }), at), {
      id: 'slow',
      now: at,
    })
    expect(slow.build.stack!.speedSpm!).toBeLessThan(sank.build.stack!.speedSpm!)
    const floated = sameAgain(kept(finish(sank, { trying: { change: 'float', fault: 'ring-mark' } }), at), {
      id: 'f',
      now: at,
    })
    expect([floated.hoop.holding, floated.build.stack!.holding]).toEqual(['floated', 'floated'])
    expect(sameAgain(roll, { id: 'plain', now: at }).build.trying).toBeNull()
  })

  it('the same again has what was really in it: needle, spools, hoop, machine, way up and holding, and says so', () => {
    const { stack } = planPiece(roll, shelf).built
    const needle = { size: '90/14', point: 'sharp', coated: false } as const
    const used = finish(roll, {
      stack: { ...chosenFrom(stack!), needle },
      used: { holding: 'floated', turn: 90 },
    } as Patch<Piece['finish']>)
    const recorded = kept(patched(used, { build: { spools: { '#203040': 'thread-night' } } }), at)
    const [record] = recorded.finish.kept
    expect(record!.dialled).toHaveLength(1)
    const [dialled, later] = [
      { turn: -90, right: 4.2, down: 0 },
      { turn: 0, right: 0, down: -1 },
    ]
    const seen = { ...recorded, finish: { ...recorded.finish, kept: [{ ...record!, dialled: [dialled, later] }] } }
    const again = sameAgain(seen, { id: 'again', now: at })
    expect(again.build).toMatchObject({ own: { needle }, spools: { '#203040': 'thread-night' } })
    expect(again.hoop).toMatchObject({ holding: 'floated', turn: 90, hoopId: record!.hoop!.id })
    const plans = planPiece(again, shelf)
    expect(plans.build.stack!.needle).toEqual(needle)
    expect(plans.build.through!.needle).not.toEqual(needle)
    const last = lastTime(again, plans.hoop)!
    expect([last.hoop, last.turn, last.holding]).toEqual([true, true, true])
    expect(last.dialled).toBe('90° anticlockwise, 4.2\u00a0mm right')
    const upright = patched(again, { hoop: { turn: 0 } })
    expect(lastTime(upright, planPiece(upright, shelf).hoop)!.turn).toBe(false)
  })

  it('its causes follow from what was used: a line that was skipped, the stretch that was found', () => {
    const { built } = planPiece(roll, shelf)
    const used = { ...built, stack: built.stack!, holding: 'hooped', tension: null, turn: null, machine: null } as const
    const list = roll.stitch.kept[0]!.list.map((line) => ({ ...line, ticked: line.id !== 'check.trace' }))
    const skipped = patched(roll, { stitch: { kept: [{ ...roll.stitch.kept[0]!, list }] } } as Patch<Piece>)
    expect(troublesOf(skipped, ['needle-breaks'], used)[0]![1][0]!.id).toBe('needle.ring')
    expect(troublesOf(skipped, ['needle-breaks'], null)).toEqual([])
  })
})
