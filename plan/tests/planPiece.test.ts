import { writeMessage } from '@thimble/language'
import { readDesignSvg, summariseDesign } from '@thimble/core/design/work'
import type { Piece } from '@thimble/contract'
import {
  decideStage,
  nextAction,
  type PiecePlans,
  planMeasure,
  planPiece,
  readNumber,
  readTyped,
  type Shelf,
  stageAt,
} from '@thimble/plan'
import { at, hoop, measured, mm, patched, polo, shelf, shop } from './marramAndTide'

describe('reading what was typed', () => {
  it('tells nothing from nonsense, and a slip of ten metres from a length', () => {
    expect(readTyped(undefined)).toEqual({ mm: null, problem: null })
    expect(readTyped(mm('  '))).toEqual({ mm: null, problem: null })
    expect(readTyped({ text: '21 1/4', unit: 'in' })).toEqual({ mm: 539.75, problem: null })
    expect(readTyped(mm('a foot')).problem).toMatch(/“a foot” is not a length/)
    expect(readTyped(mm('9000')).problem).toMatch(/over 5 metres/)
  })

  it.each([
    ['8', 8],
    ['8 %', 8],
    ['7,5', 7.5],
    ['', null],
    ['.5', 0.5],
  ] as const)('reads the number %j as %p', (text, value) => {
    expect(readNumber(text, 200)).toEqual({ value, problem: null })
  })

  it.each(['-3', 'eight', '300', '1e2', '5 5'])('refuses the number %j', (text) => {
    expect(readNumber(text, 200)).toEqual({ value: null, problem: expect.stringContaining(text) })
  })
})

describe('the plan of a piece', () => {
  it('assumes the size’s numbers until they are measured', () => {
    const plan = planMeasure(polo({ measure: { measures: { chestWidth: mm('539.75') } } }), shelf)
    expect([...plan.assumed].sort()).toEqual(['neckDrop', 'neckWidth', 'shoulderToUnderarm'])
    expect(writeMessage(plan.placement!.placed)).toBe('Cross 183 mm below the shoulder point, 90 mm from centre')
  })

  it('keeps a problem at its field and still plans by the assumed number', () => {
    const plan = planMeasure(polo({ measure: { measures: { ...measured, neckWidth: mm('wide') } } }), shelf)
    expect(Object.keys(plan.problems)).toEqual(['measures.neckWidth'])
    expect(plan.placement).not.toBeNull()
  })

  it('has no placement where numbers contradict each other, and says where to measure again', () => {
    const plan = planMeasure(polo({ measure: { measures: { ...measured, neckWidth: mm('500') } } }), shelf)
    expect([plan.placement, Object.keys(plan.problems)]).toEqual([null, ['measures.neckWidth']])
  })

  it('takes the design from the shelf with its load, or from the size typed', () => {
    const fromShelf = planMeasure(polo({ measure: { designId: 'tern' } }), shelf).design
    // 2860 stitches on 0.7 of 52.08 cm2 are 78.5 a cm2.
    expect([fromShelf.width, fromShelf.loadClass, fromShelf.load, fromShelf.assumed]).toEqual([
      84,
      'medium',
      expect.closeTo(78.5, 1),
      false,
    ])
    const own = { width: mm('3 in'), height: mm('5 cm'), load: 'dense' as const }
    const bySize = planMeasure(polo({ measure: { ownDesign: own } }), shelf).design
    expect([bySize.width, bySize.height, bySize.loadClass, bySize.assumed]).toEqual([
      expect.closeTo(76.2, 9),
      50,
      'dense',
      false,
    ])
    expect(planMeasure(polo(), shelf).design.assumed).toBe(true)
  })

  it('rounds room down to the tape, never up', () => {
    const inches = planMeasure(polo(), { ...shelf, shop: { ...shop, unit: 'in' } })
    expect([inches.write(8), inches.writeRoom(8)]).toEqual(['3/8"', '1/4"'])
  })

  it('recommends for the pull test typed, and in the holding chosen', () => {
    const towel = polo({
      measure: { designId: 'tern' },
      build: { cloth: { family: 'terry', colour: '#ffffff', stretch: '6' } },
    })
    const holdings = (piece: Piece) => planPiece(piece, shelf).build.advice.options.map((o) => o.holding)
    expect(holdings(towel)[0]).toBe('floated')
    expect(holdings(patched(towel, { hoop: { holding: 'hooped' } }))).toEqual(expect.arrayContaining(['hooped']))
  })

  it('ranks the shelf’s hoops and cuts the backing to the one chosen', () => {
    const piece = polo({ measure: { designId: 'tern', measures: measured }, hoop: { hoopId: 'square' } })
    const { hoop: hooping, build } = planPiece(piece, shelf)
    expect(hooping.ranked.map((c) => [c.hoop, c.fits])).toEqual([
      ['square', true],
      ['snug', true],
      ['small', false],
    ])
    // Loaded with the neck into the throat, so the design lies a quarter turned: its 84 mm run up and down.
    const { left, right, up, down } = hooping.chosen!.fit.slack
    expect([left, right, up, down].map((mm) => Math.round(mm * 1e6) / 1e6)).toEqual([19, 19, 8, 8])
    expect([hooping.chosen!.loading!.turn, hooping.chosen!.loading!.sides.throat.way]).toEqual([90, 'up'])
    expect(hooping.method).toBe('hooped')
    const mesh = build.stack!.layers.find((l) => l.role === 'backing')!
    expect(mesh.piece).toEqual({ widthMm: 174, heightMm: 190 })
  })

  it('fits a design that was read by its true outline and its measured load, not by its box', () => {
    // A round badge of 58 mm in a round field of 60: its box would need 82 across the corners.
    const round = readDesignSvg(
      '<svg xmlns="http://www.w3.org/2000/svg" width="58mm" height="58mm" viewBox="0 0 58 58"><circle cx="29" cy="29" r="29" fill="#2c4a7a"/></svg>',
    )
    const badge = { ...shelf.designs.tern!, ...summariseDesign(round), id: 'badge', name: 'Badge' }
    const ring = { ...hoop('ring', 60, 60), field: { shape: 'oval' as const, width: 60, height: 60 } }
    const plans = (design: typeof badge): PiecePlans => {
      const piece = polo({ measure: { designId: 'badge', measures: measured } })
      return planPiece(piece, { ...shelf, designs: { badge: design }, hoops: [ring] })
    }
    const { hoop: hooping, marked } = plans(badge)
    const [best] = hooping.ranked
    expect(best!.fits).toBe(true)
    expect(best!.fit.clearance).toBeCloseTo(1, 1)
    expect([marked.design.loadClass, marked.design.sketch!.length]).toEqual(['medium', 1])
    expect(marked.design.load).toBeGreaterThan(50)
    expect(plans({ ...badge, summary: null as never }).hoop.ranked[0]!.fits).toBe(false)
  })

  it('floats a panel that ends at the hoop, and hoops it with a caution where the worker says so', () => {
    const panel = (holding: 'hooped' | null) =>
      polo(
        {
          measure: { measures: { width: mm('150'), height: mm('150') }, designId: 'tern' },
          hoop: { hoopId: 'square', holding },
          build: { cloth: { colour: '#e8e2d4' } },
        },
        { item: { kind: 'flat-panel', size: 'small' }, placement: 'centred', family: 'twill' },
      )
    const advised = planPiece(panel(null), shelf)
    expect([advised.hoop.method, advised.built.stack!.holding]).toEqual(['floated', 'floated'])
    const own = planPiece(panel('hooped'), shelf)
    expect([own.hoop.method, own.built.stack!.holding, own.hoop.chosen!.fits]).toEqual(['hooped', 'hooped', true])
    expect(writeMessage(own.hoop.advice.against!.said)).toMatch(/^Only 0 mm of cloth lies beyond the hoop/)
    expect(own.hoop.advice.advised).toBe('floated')
  })
})

describe('the next action', () => {
  const says = (piece: Piece, on: Shelf = shelf): string => nextAction(piece, planMeasure(piece, on))
  const ready = polo({ measure: { designId: 'tern', measures: measured }, hoop: { hoopId: 'square' } })
  const done = (piece: Piece, ...stages: ('measure' | 'build' | 'hoop' | 'stitch')[]): Piece =>
    stages.reduce((so, stage) => patched<Piece>(so, decideStage(so, stage, planPiece(so, shelf), at)!), piece)

  it('asks for the design, then the numbers, then the marks', () => {
    expect(says(polo())).toBe('Choose the design or enter its size.')
    const begun = polo({ measure: { designId: 'tern', measures: { chestWidth: measured.chestWidth } } })
    expect(says(begun)).toBe('Measure: 3 numbers still typical for the size.')
    expect(says(ready)).toBe('Mark it: cross 183 mm below the shoulder point, 90 mm from centre')
  })

  it('follows the first stage that is not done, even when a later one is', () => {
    expect(stageAt(done(ready, 'measure', 'hoop'))).toBe('build')
    expect(says(done(ready, 'measure'))).toBe('Choose the layers.')
    expect(says(done(ready, 'measure', 'build'))).toBe('Cross 183 mm below the shoulder point, 90 mm from centre')
    const ticking = patched(done(ready, 'measure', 'build', 'hoop'), {
      stitch: { checks: { a: true, b: false, c: true } },
    })
    expect(says(ticking)).toBe('Before you start: 2 lines of the list ticked.')
    expect(says(done(ready, 'measure', 'build', 'hoop', 'stitch'))).toBe('Finish it and say how it came out.')
  })

  it('says where the design was decided to go, whatever the habits are since, in the units of today', () => {
    const marked = done(ready, 'measure', 'build')
    const habits = { ...shop.habits, chestRule: 'underarm-level' as const }
    expect(says(marked, { ...shelf, shop: { ...shop, habits, unit: 'in' } })).toBe(
      'Cross 7 1/4" below the shoulder point, 3 1/2" from centre',
    )
  })
})
