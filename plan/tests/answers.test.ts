import { writeMessage } from '@thimble/language'
import { itemKind } from '@thimble/core/placement'
import {
  beforeStart,
  decideStage,
  knownUse,
  offMachine,
  otherItem,
  planMeasure,
  planPiece,
  preparing,
  pullTest,
} from '@thimble/plan'
import { sameAgain } from '@thimble/plan/sameAgain'
import { Piece, stageIds, type StageId } from '@thimble/contract'
import { readyDemo } from '../../demo/readyDemo'
import { at, hoop as hoopOf, measured, mm, patched, polo, shelf } from './marramAndTide'

const known = { designId: 'tern', measures: measured }
const done = (piece: Piece, stages: readonly StageId[], on = shelf): Piece =>
  stages.reduce((so, stage) => Piece.parse(patched(so, decideStage(so, stage, planPiece(so, on), at)!)), piece)

describe('what follows from the item is not asked', () => {
  it('a tee is worn next to the skin, a bib is an infant’s, and an infant’s size is an infant’s', () => {
    const use = (kind: string, size: string, placement = '') =>
      knownUse({ item: { kind, size, shared: null, own: null }, measure: { placement } })
    expect([use('tee', 'm'), use('bib', 'infant'), use('apron', 'usual')]).toEqual([
      { nextToSkin: true },
      { infant: true },
      {},
    ])
    expect(use('sweatshirt', 'infant')).toEqual({ infant: true })
    expect(use('shirt', 'm', 'cuff')).toEqual({ nextToSkin: true, noCover: true })
  })

  it('and the rules see it whatever was ticked', () => {
    const { build } = planPiece(polo({ measure: known, build: { use: { nextToSkin: false } } }), shelf)
    expect(build.basis.use.nextToSkin).toBe(true)
  })

  it('a count makes the density, a count that cannot be is said', () => {
    const sized = (stitches: string) =>
      planMeasure(polo({ measure: { ownDesign: { width: mm('84'), height: mm('62'), stitches } } }), shelf)
    // 3,100 on 0.7 of 52.08 cm2 are 85 a cm2.
    expect(sized('3,100').design).toMatchObject({ load: expect.closeTo(85.03, 1), loadClass: 'medium' })
    expect(sized('').design).toMatchObject({ load: null, loadClass: 'light' })
    expect(sized('many').problems['design.stitches']).toMatch(/“many” is not a stitch count/)
  })
})

describe('what is typed in inches', () => {
  it('mostly is answered in inches, whatever a 0 is typed in, and else in the shop’s own units', () => {
    const inches = { chestWidth: mm('21 1/4 in'), neckWidth: mm('7 1/8"'), neckDrop: mm('0') }
    const style = (measures: typeof inches | typeof measured) =>
      planMeasure(polo({ measure: { designId: 'tern', measures } }), shelf).style.unit
    expect([style(inches), style(measured)]).toEqual(['in', 'mm'])
  })

  it('a pull test in sixteenths over 4 inches comes to the same stretch as in mm over 100', () => {
    // 8 of 64 sixteenths are 12.5 %.
    expect(pullTest('8/16', true)).toMatchObject({ shown: '8', problem: null })
    expect(pullTest('8/16', false).shown).toBe('12.5')
    expect(pullTest('12.5', true).shown).toBe('8')
    expect(pullTest('12.5', true).typed('9')).toBe('9/16')
    expect(planPiece(polo({ build: { cloth: { stretch: '8/16' } } }), shelf).build.basis.cloth.stretchPercent).toBe(
      12.5,
    )
  })
})

describe('a piece’s own copy of a design', () => {
  it('is turned and scaled there and nowhere else', () => {
    const piece = polo({ measure: { ...known, ownChange: { scale: 0.9, rotate: 90, mirror: 'none' } } })
    const { design } = planMeasure(piece, shelf)
    expect([design.width, design.height]).toEqual([expect.closeTo(55.8, 6), expect.closeTo(75.6, 6)])
    expect(shelf.designs.tern).toMatchObject({ width: 84, height: 62 })
  })
})

describe('a copy that was turned over', () => {
  it('is drawn so before and after its marks are decided', () => {
    const demo = readyDemo()
    const on = { ...demo, designs: Object.fromEntries(demo.designs.map((d) => [d.id, d])) }
    const mirror = { scale: 1, rotate: 0, mirror: 'left-right' as const }
    const piece = polo({ measure: { measures: measured, designId: 'design-tern', ownChange: mirror } })
    const first = (of: Piece) => planPiece(of, on).marked.design.sketch![0]!.areas[0]!.slice(0, 2)
    const [x, y] = on.designs['design-tern']!.summary!.sketch[0]!.areas[0]!
    // It is centred, so that left and right change places about 0.
    expect(first(piece)).toEqual([expect.closeTo(-x!, 1), expect.closeTo(y!, 1)])
    expect(first(done(piece, ['measure'], on))).toEqual(first(piece))
  })
})

describe('from the marks to the finish', () => {
  it('the marks are taken out before any iron, with what they were made with then', () => {
    const pale = done(polo({ measure: known, build: { cloth: { colour: '#fdfbf5' } } }), stageIds.slice(0, 4))
    expect(pale.measure.kept[0]!.markWith).toBe('wash-out-pen')
    const dyed = Piece.parse(patched(pale, { build: { cloth: { colour: '#22262b' } } }))
    const codes = offMachine(dyed, planPiece(dyed, shelf).built).map(({ line }) => line.code)
    expect(codes).toContain('finish.marks.wash-out-pen')
    expect(codes.indexOf('finish.marks.wash-out-pen')).toBeLessThan(codes.indexOf('finish.press'))
  })

  it('what was made ready is kept with the marks, ticked or not, and does not change with the house', () => {
    const piece = done(polo({ measure: { ...known, marked: { 'prep.press': true } } }), ['measure'])
    expect(piece.measure.kept[0]!.prepared.map(({ id, ticked }) => [id, ticked])).toEqual([
      ['prep.wash', false],
      ['prep.press', true],
    ])
    const never = Piece.parse(patched(piece, { build: { use: { laundering: 'never' } } }))
    const { build, measure } = planPiece(never, shelf)
    expect(preparing(never, build.basis, measure.placement).map(({ id }) => id)).toEqual(['prep.wash', 'prep.press'])
  })

  it('its list names both lengths that tell a pulled knit', () => {
    const piece = done(polo({ measure: known }), ['measure', 'build', 'hoop'])
    const lines = beforeStart(piece, planPiece(piece, shelf).built).map(({ line }) => writeMessage(line.said))
    expect(lines.join(' ')).toMatch(/200 mm .* 204 mm/)
  })
})

describe('the hoop', () => {
  it('that suits best is chosen already, and one tap keeps it', () => {
    const piece = polo({ measure: known })
    const { hoop } = planPiece(piece, shelf)
    expect([hoop.chosen!.hoop, hoop.chosen!.fits]).toEqual([hoop.ranked[0]!.hoop, true])
    expect(done(piece, ['measure', 'build', 'hoop']).hoop).toMatchObject({ hoopId: hoop.ranked[0]!.hoop })
  })

  it('has the piece floated on it where its hoop would hang off', () => {
    // A ring 300 high over a chest 61 mm below the neck of an infant's bodysuit reaches over the neck.
    const tall = { ...shelf, hoops: [hoopOf('tall', 150, 250)] }
    const start = { item: { kind: 'infant-bodysuit', size: 'infant' }, placement: 'chest' } as const
    const piece = polo({ measure: { designId: 'tern' } }, { ...start, family: 'infant-jersey' })
    const { hoop } = planPiece(piece, tall)
    expect([hoop.ranked[0]!.clothBeyondRing! < 0, hoop.chosen!.fits, hoop.method]).toEqual([true, true, 'floated'])
  })

  it('need not be there: with none in the stash the piece goes on, and asks once one is', () => {
    const bare = { ...shelf, hoops: [] }
    const piece = done(polo({ measure: known }), ['measure', 'build', 'hoop', 'stitch'], bare)
    expect(piece.hoop.kept[0]).toMatchObject({ hoop: null, holding: 'hooped' })
    expect(planPiece(piece, bare).build.option?.short).toEqual([])
  })
})

describe('another thing than was chosen', () => {
  it('keeps its size and place where it has them, and what the tape said', () => {
    const piece = polo({ measure: { ...known, distances: { down: mm('190') } } })
    const tee = Piece.parse(patched(piece, otherItem(piece, itemKind('tee'))))
    expect(tee.measure).toMatchObject({ placement: 'left-chest', measures: measured, distances: {} })
    const towel = Piece.parse(patched(piece, otherItem(piece, itemKind('bath-towel'))))
    expect(itemKind('bath-towel').placements.map(({ id }) => id)).toContain(towel.measure.placement)
    expect([towel.item.size, towel.build.cloth.family]).toEqual([itemKind('bath-towel').usualSize, 'terry'])
  })
})

describe('the same again', () => {
  it('brings the line that was written for the next time, and hands it on', () => {
    const noted = { finish: { verdict: 'good' as const, nextTime: 'Film on top.' } }
    const first = done(polo({ measure: known, ...noted }), stageIds)
    const second = sameAgain(first, { id: 'q', now: at })
    expect(second.measure.carried!.nextTime).toBe('Film on top.')
    expect(sameAgain(second, { id: 'r', now: at }).measure.carried!.nextTime).toBe('Film on top.')
  })
})
