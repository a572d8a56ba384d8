import { blankPiece, type Hoop, type Piece, type Shop } from '@thimble/contract'
import { defaultHabits } from '@thimble/core'
import { readDesignSvg } from '@thimble/core/design/readDesignSvg'
import { summariseDesign } from '@thimble/core/design/summariseDesign'
import { nextAction, stageOf } from '@/plan/nextAction'
import { planBuild, planHoop, planMeasure, type Shelf } from '@/plan/planPiece'
import { readNumber, readTyped } from '@/plan/readTyped'

const shop: Shop = { name: 'Marram & Tide', unit: 'mm', fraction: 8, theme: 'auto', habits: defaultHabits }
const kept = { createdAt: '2026-11-23T08:00:00.000Z', updatedAt: '2026-11-23T08:00:00.000Z' }
const hoop = (id: string, width: number, height: number): Hoop => ({
  id,
  ...kept,
  name: id,
  field: { shape: 'rect', width, height, cornerRadius: 0 },
  outside: { width: width + 34, height: height + 50 },
  notchOffset: null,
  clamp: false,
  maxThicknessMm: null,
  note: '',
})
const shelf: Shelf = {
  shop,
  designs: {
    tern: {
      id: 'tern',
      ...kept,
      name: 'Tern over waves',
      width: 84,
      height: 62,
      stitches: 2860,
      source: 'size',
      change: { scale: 1, rotate: 0, mirror: 'none' },
      order: null,
      summary: null,
      colours: ['#fdfbf5', '#8fb3d1'],
      kind: 'fill',
      smallestLetterMm: null,
      note: '',
    },
  },
  hoops: [hoop('square', 100, 100), hoop('snug', 86, 64), hoop('small', 60, 60)],
  supplies: [],
}
const mm = (text: string) => ({ text, unit: 'mm' as const })
const measured = {
  chestWidth: mm('21 1/4 in'),
  shoulderToUnderarm: mm('210'),
  neckWidth: mm('180'),
  neckDrop: mm('76'),
}
const polo = (over: Partial<Piece> = {}): Piece => ({
  ...blankPiece({
    id: 'p',
    name: 'Crew polo',
    createdAt: kept.createdAt,
    itemKind: 'polo',
    size: 'm',
    placement: 'left-chest',
    family: 'pique',
    unit: 'mm',
  }),
  ...over,
})

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
    const plan = planMeasure(polo({ measures: { chestWidth: measured.chestWidth } }), shelf)
    expect([...plan.assumed].sort()).toEqual(['neckDrop', 'neckWidth', 'shoulderToUnderarm'])
    expect(plan.placement!.summary).toBe('Cross 190 mm below the shoulder point, 90 mm from centre')
  })

  it('keeps a problem at its field and still plans by the assumed number', () => {
    const plan = planMeasure(polo({ measures: { ...measured, neckWidth: mm('wide') } }), shelf)
    expect(Object.keys(plan.problems)).toEqual(['measures.neckWidth'])
    expect(plan.placement).not.toBeNull()
  })

  it('has no placement where numbers contradict each other, and says where to measure again', () => {
    const plan = planMeasure(polo({ measures: { ...measured, neckWidth: mm('500') } }), shelf)
    expect([plan.placement, Object.keys(plan.problems)]).toEqual([null, ['measures.neckWidth']])
  })

  it('takes the design from the shelf with its load, or from the size typed', () => {
    const fromShelf = planMeasure(polo({ designId: 'tern' }), shelf).design
    // 2860 stitches on 52.08 cm2 are 54.9 a cm2.
    expect([fromShelf.width, fromShelf.loadClass, fromShelf.load, fromShelf.assumed]).toEqual([
      84,
      'medium',
      expect.closeTo(54.9, 1),
      false,
    ])
    const own = { ...polo().ownDesign, width: mm('3 in'), height: mm('5 cm'), load: 'dense' as const }
    const bySize = planMeasure(polo({ ownDesign: own }), shelf).design
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
    const piece = polo({ designId: 'tern', cloth: { family: 'terry', colour: '#ffffff', stretch: '6' } })
    expect(planBuild(piece, planMeasure(piece, shelf), shelf).options[0]!.holding).toBe('floated')
    const hooped = { ...piece, holding: 'hooped' as const }
    expect(planBuild(hooped, planMeasure(hooped, shelf), shelf).options.map((o) => o.holding)).toEqual(
      expect.arrayContaining(['hooped']),
    )
  })

  it('ranks the shelf’s hoops and cuts the backing to the one chosen', () => {
    const piece = polo({ designId: 'tern', measures: measured, hoopId: 'square' })
    const plan = planMeasure(piece, shelf)
    const { ranked, chosen, holding } = planHoop(piece, plan, shelf)
    expect(ranked.map((c) => [c.hoop, c.fits])).toEqual([
      ['square', true],
      ['snug', true],
      ['small', false],
    ])
    expect(chosen!.fit.slack).toEqual({ left: 8, right: 8, up: 19, down: 19 })
    expect(holding.method).toBe('hooped')
    const mesh = planBuild(piece, plan, shelf).options[0]!.layers.find((l) => l.role === 'backing')!
    expect(mesh.piece).toEqual({ widthMm: 174, heightMm: 190 })
  })

  it('fits a drawn design by its true outline and its measured load, not by its box', () => {
    // A round badge of 58 mm in a round field of 60: its box would need 82 across the corners.
    const round = readDesignSvg(
      '<svg xmlns="http://www.w3.org/2000/svg" width="58mm" height="58mm" viewBox="0 0 58 58"><circle cx="29" cy="29" r="29" fill="#2c4a7a"/></svg>',
    )
    const badge = { ...shelf.designs.tern!, ...summariseDesign(round), id: 'badge', name: 'Badge' }
    const field = { shape: 'oval' as const, width: 60, height: 60 }
    const ring = { ...hoop('ring', 60, 60), field }
    const withBadge = { ...shelf, designs: { ...shelf.designs, badge }, hoops: [ring] }
    const fits = (designId: string) => {
      const piece = polo({ designId, measures: measured })
      const plan = planMeasure(piece, withBadge)
      return { ranked: planHoop(piece, plan, withBadge).ranked[0]!, design: plan.design }
    }
    const { ranked, design } = fits('badge')
    expect(ranked.fits).toBe(true)
    expect(ranked.fit.clearance).toBeCloseTo(1, 1)
    expect([design.loadClass, design.sketch!.length]).toEqual(['medium', 1])
    expect(design.load).toBeGreaterThan(50)
    const boxed = { ...withBadge, designs: { ...shelf.designs, badge: { ...badge, summary: null } } }
    const piece = polo({ designId: 'badge', measures: measured })
    expect(planHoop(piece, planMeasure(piece, boxed), boxed).ranked[0]!.fits).toBe(false)
  })

  it('floats a panel whose edge the ring would hang over', () => {
    const panel = polo({
      itemKind: 'flat-panel',
      size: 'small',
      placement: 'centred',
      measures: { width: mm('150'), height: mm('150') },
      designId: 'tern',
      hoopId: 'square',
      cloth: { family: 'twill', colour: '#e8e2d4', stretch: '' },
    })
    const { holding } = planHoop(panel, planMeasure(panel, shelf), shelf)
    expect([holding.method, holding.choices.find((c) => c.method === 'hooped')!.allowed]).toEqual(['floated', false])
  })
})

describe('the next action', () => {
  const says = (over: Partial<Piece>): string => nextAction(polo(over), planMeasure(polo(over), shelf))
  const at = kept.createdAt

  it('asks for the design, then the numbers, then the marks', () => {
    expect(says({})).toBe('Choose the design, or give its size.')
    expect(says({ designId: 'tern', measures: { chestWidth: measured.chestWidth } })).toBe(
      'Measure: 3 numbers still assumed from the size.',
    )
    expect(says({ designId: 'tern', measures: measured })).toBe(
      'Mark it: cross 190 mm below the shoulder point, 90 mm from centre',
    )
  })

  it('follows the first stage that is not done, even when a later one is', () => {
    expect(stageOf(polo({ measuredAt: at, hoopedAt: at }))).toBe('build')
    expect(says({ measuredAt: at })).toBe('Choose what goes underneath.')
    expect(says({ measuredAt: at, builtAt: at })).toBe('Cross 190 mm below the shoulder point, 90 mm from centre')
    expect(says({ measuredAt: at, builtAt: at, hoopedAt: at, checks: { a: true, b: false, c: true } })).toBe(
      'Before the start: 2 lines of the list ticked.',
    )
    expect(says({ measuredAt: at, builtAt: at, hoopedAt: at, stitchedAt: at })).toBe(
      'Finish it, then record how it came out.',
    )
  })
})
