import { Adhesive, Bobbin, Machine, Piece, Supply, Thread } from '@thimble/contract'
import { decideStage, planPiece } from '@thimble/plan'
import {
  adhesivesShort,
  bobbinChanges,
  bobbinShort,
  leftBefore,
  reservedBy,
  consumptionOfRecord,
} from '@thimble/plan/consumption'
import { lengthOff, rollFor } from '../src/stash/rolls'
import { at, hoop, measured, patched, polo, shelf as small } from './marramAndTide'

const kept = { createdAt: at, updatedAt: at }
const supply = (over: object) =>
  Supply.parse({ ...kept, kind: 'cut-away-mesh-fusible', name: 'of it', widthMm: 400, leftMm: 1000, ...over })
const thread = (id: string, colour: string) => Thread.parse({ ...kept, id, name: id, colour, leftM: 100 })
const machine = Machine.parse({
  ...{ ...kept, id: 'loft', name: 'Loft', field: { width: 300, height: 300 }, usualSpm: 1000, needles: 2 },
  needle: { size: '75/11', point: 'ballpoint', coated: false, since: at, from: null },
  bobbin: { woundM: 5, since: at, from: 'wound' },
  bobbinM: 2,
})
const wound = Bobbin.parse({ ...kept, id: 'wound', name: 'Wound', woundM: 5, left: 9 })

/** A light tern of 1200 stitches in two colours, in a ring of 134 by 150 outside. */
const stock = {
  ...small,
  designs: { tern: { ...small.designs['tern']!, stitches: 1200 } },
  hoops: [hoop('square', 100, 100)],
  machines: [machine],
  supplies: [
    supply({ id: 'mesh' }),
    supply({ id: 'long', leftMm: 9000 }),
    supply({ id: 'cover', kind: 'cover-soft-fusible', widthMm: 300 }),
  ],
  threads: [thread('salt', '#fdfbf5'), thread('blue', '#8fb3d1')],
}
const fresh = polo({ measure: { measures: measured, designId: 'tern' }, hoop: { hoopId: 'square' } })
const decided = (piece: Piece, ...stages: ('measure' | 'build' | 'hoop')[]): Piece =>
  stages.reduce((so, stage) => Piece.parse(patched(so, decideStage(so, stage, planPiece(so, stock), at)!)), piece)
const takes = (piece: Piece) => consumptionOfRecord(piece, planPiece(piece, stock), stock, [wound])
const byThing = (piece: Piece) => Object.fromEntries(takes(piece).map((one) => [`${one.of}/${one.ofId}`, one.amount]))

it('a colour is taken off the spool that was chosen for it, else off the one that is the same to the eye', () => {
  const other = patched<Piece>(fresh, { build: { spools: { '#fdfbf5': 'blue' } } })
  const [usual, chosen] = [byThing(fresh), byThing(other)]
  expect(usual['threads.leftM/salt']).toBeGreaterThan(0)
  expect(chosen['threads.leftM/salt']).toBeUndefined()
  expect(chosen['threads.leftM/blue']).toBeCloseTo(usual['threads.leftM/salt']! + usual['threads.leftM/blue']!, 6)
})

it('a bobbin is short where none of its colour and weight is left, and bobbins are counted at all', () => {
  const black = { weight: 60, colour: 'black' } as const
  const night = Bobbin.parse({ ...wound, id: 'night', name: 'Night', colour: '#0a0a0a' })
  expect([[], [wound], [wound, night], [{ ...night, left: 0 }]].map((drawer) => bobbinShort(black, drawer))).toEqual([
    ...[false, true, false, true],
  ])
  expect(bobbinShort({ weight: 60, colour: 'match' }, [wound])).toBe(false)
})

describe('how much of a roll', () => {
  it('some pieces take; sheets are taken whole', () => {
    const size = { widthMm: 174, heightMm: 190 }
    expect(lengthOff({ widthMm: 400, sheetMm: null }, size, 3)).toBe(348)
    // Four to a sheet: five take two.
    expect(lengthOff({ widthMm: 400, sheetMm: 400 }, size, 5)).toBe(800)
    expect(lengthOff({ widthMm: 400, sheetMm: 150 }, size, 1)).toBeNull()
    expect(lengthOff({ widthMm: 150, sheetMm: null }, size, 1)).toBeNull()
  })

  it('is cut of the shortest that gives it, and of the longest where none gives it all', () => {
    const rolls = [supply({ id: 'long', leftMm: 900 }), supply({ id: 'short', leftMm: 200 })]
    const size = { widthMm: 174, heightMm: 190 }
    expect([1, 3, 20].map((count) => rollFor('cut-away-mesh-fusible', size, count, rolls)!.id)).toEqual([
      'short',
      'long',
      'long',
    ])
  })
})

describe('a record takes', () => {
  it('each layer of its roll, each colour of its spool, the bobbin that was in, and the needle’s minutes', () => {
    const recorded = byThing(decided(fresh, 'measure', 'build', 'hoop'))
    expect(recorded).toMatchObject({
      // The ring with 20 a side: 174 along; the design with 12 a side: 86.
      'supplies.leftMm/mesh': 174,
      'supplies.leftMm/cover': 86,
      // 600 stitches each by 5.2 m a thousand.
      'threads.leftM/salt': 3.12,
      'threads.leftM/blue': 3.12,
      // 1.8 m a colour of the 2 m there are: a fresh one before the second colour, which ends with 3.2 of its 5.
      'machines.bobbinM/loft': -1.2,
      'bobbins.left/wound': 1,
    })
    // The stack's own speed of the machine's at 85 %, shared by two needles.
    expect(recorded['machines.needleMinutes/loft']).toBeLessThan(0)
  })

  it('of the roll the worker says; what it took of spools stays as a record is amended; an old record takes nothing', () => {
    const long = patched(decided(fresh, 'measure', 'build', 'hoop'), {
      finish: { rolls: { 'cut-away-mesh-fusible': 'long' } },
    })
    expect(byThing(long)['supplies.leftMm/long']).toBe(174)
    const change = decideStage(long, 'finish', planPiece(long, stock), at, { took: takes(long) })!
    const recorded = Piece.parse(patched(long, change))
    const [record] = recorded.finish.kept
    const before = record!.took.map((one) => (one.ofId === 'salt' ? { ...one, amount: 7 } : one))
    const amended = byThing(
      Piece.parse(patched(recorded, { finish: { rolls: {}, kept: [{ ...record!, took: before }] } })),
    )
    expect([amended['threads.leftM/salt'], amended['supplies.leftMm/long']]).toEqual([7, 174])
    expect(takes(Piece.parse(patched(recorded, { finish: { kept: [{ ...record!, took: [] }] } })))).toEqual([])
  })
})

it('what is left after an amended record counts what it took before as there', () => {
  const [took] = takes(decided(fresh, 'measure', 'build', 'hoop'))
  expect(took).toMatchObject({ ofId: 'mesh', amount: 174 })
  expect([leftBefore(took!, 826, [took!]), leftBefore(took!, 826), leftBefore(took!, null, [took!])]).toEqual([
    ...[1000, 826, null],
  ])
})

it('a sprayed layer is short of spray where the stash has spray and it is used up', () => {
  const can = (left: number) => Adhesive.parse({ ...kept, id: 'can', name: 'Can', kind: 'spray', left })
  const layers = [{ grip: 'sprayed' as const }, { grip: 'in-ring' as const }]
  expect([adhesivesShort(layers, [can(0)]), adhesivesShort(layers, [can(1)]), adhesivesShort(layers, [])]).toEqual([
    ...[['spray'], [], []],
  ])
})

it('pieces that were built speak for what they will take; others do not', () => {
  const built = decided(fresh, 'measure', 'build')
  const twice = [built, { ...built, id: 'again' }, { ...fresh, id: 'planned' }]
  const reserved = reservedBy(twice, stock)
  expect([reserved.get('mesh'), reserved.get('salt')]).toEqual([
    { amount: 348, pieces: 2 },
    { amount: 6.24, pieces: 2 },
  ])
})

it('of several rolls the most urgent piece has its pick, the next what is left', () => {
  const built = decided(fresh, 'measure', 'build')
  const rolls = [supply({ id: 'short', leftMm: 200 }), supply({ id: 'long', leftMm: 9000 })]
  const reserved = reservedBy([built, { ...built, id: 'due', due: '2026-11-25' }], { ...stock, supplies: rolls })
  expect([reserved.get('short'), reserved.get('long')].map((one) => one!.amount)).toEqual([174, 174])
})

it('the bobbin is told by the fullest there is of the stack’s weight while none is known to be in', () => {
  const blocks = [4, 4, 4].map((bobbinMetres) => ({ colour: '#ffffff', bobbinMetres }))
  const none = { bobbin: null, bobbinM: null }
  const small = { ...wound, id: 's', woundM: 4, weight: 90 as const }
  expect(bobbinChanges({ blocks }, { bobbin: { weight: 60, colour: 'white' } }, none, [wound, small])).toMatchObject({
    ...{ full: 5, left: 5, fresh: true, changeBefore: [1, 2], endsWith: 1 },
  })
  expect(bobbinChanges({ blocks }, { bobbin: null }, none, [])).toBeNull()
})
