import { type Patch, Piece, type PieceZone } from '@thimble/contract'
import { alsoOn, decideStage, nextAction, planMeasure, planPiece, resized, sharedPart } from '@thimble/plan'
import { sameAgain } from '@thimble/plan/sameAgain'
import { at, mm, patched, polo, shelf } from './marramAndTide'

const hood = {
  ...{ id: 'p1', name: 'Ferry hood', family: 'sweatshirt' as const },
  ...{ item: { kind: 'tee', size: 'm' }, placement: 'left-chest' },
}
const ownDesign = { width: mm('60'), height: mm('40'), load: 'light' as const }
const piece = (measure: Patch<Piece['measure']> = {}, start: object = {}): Piece =>
  polo({ measure: { ownDesign, ...measure } }, { ...hood, ...start })
const plan = (p: Piece) => planMeasure(p, shelf)
const fresh = { id: 'p2', now: '2026-11-24T09:00:00.000Z' }

describe('what is asked', () => {
  it('is only what the placement needs', () => {
    expect(
      plan(piece())
        .asks.filter((a) => !a.optional)
        .map((a) => a.id),
    ).toEqual(['chestWidth', 'shoulderToUnderarm', 'neckWidth', 'neckDrop'])
    expect(plan(piece({}, { placement: 'sleeve' })).asks.map((a) => a.id)).toEqual(['sleeveHem', 'sleeveLength'])
  })

  it('lets a number wait that is wrong for another placement on the item', () => {
    const wrong = { measures: { sleeveHem: mm('wide') } }
    expect(plan(piece(wrong)).problems).toEqual({})
    expect(plan(piece(wrong, { placement: 'sleeve' })).problems['measures.sleeveHem']).toMatch(/“wide”/)
  })
})

describe('a design that was chosen and is not on the device', () => {
  const lost = piece({ designId: 'design-of-elsewhere', ownDesign: { width: mm('80'), height: mm('60') } })

  it('is said, and nothing is planned or decided by a guess of it', () => {
    const { problems, placement } = plan(lost)
    expect([problems.design, placement]).toEqual([
      expect.stringMatching(/isn’t on this device yet\. Wait, or choose/),
      null,
    ])
    expect(nextAction(lost, plan(lost))).toMatch(/isn’t on this device/)
    expect(decideStage(lost, 'measure', planPiece(lost, { ...shelf, hoops: [], supplies: [] }), at)).toBeNull()
  })
})

describe('zones found on the piece', () => {
  const zone = (over: Partial<PieceZone>): PieceZone => ({
    order: 0,
    kind: 'pocket',
    name: 'Pocket',
    line: 'neck',
    down: mm(''),
    height: mm(''),
    side: 'right',
    off: mm('110'),
    width: mm(''),
    ...over,
  })
  const near = (z: PieceZone) => plan(piece({ zones: { z } }))

  it('are nothing until something of them is typed, and lie on the side that was said', () => {
    expect(near(zone({})).placement!.item.zones.some((z) => z.id === 'own.z')).toBe(false)
    const outline = near(zone({ down: mm('90'), height: mm('100'), width: mm('100') })).placement!.item.zones.find(
      (z) => z.id === 'own.z',
    )!.outline
    expect(outline.map((p) => [p.x, p.y])).toEqual([
      [60, 90],
      [160, 90],
      [160, 190],
      [60, 190],
    ])
  })

  it('say at their field what cannot be read or lies beyond the item', () => {
    expect(near(zone({ down: mm('low') })).problems['zones.z.down']).toMatch(/“low”/)
    expect(near(zone({ down: mm('4000'), height: mm('10') })).problems['zones.z']).toMatch(/beyond the item/)
  })
})

it('says a count of motifs that is no number at its field, and a design wider than the item at its own', () => {
  const runner = (count: string) =>
    piece({ row: { count } }, { item: { kind: 'table-runner', size: 'usual' }, placement: 'border-row' })
  expect(plan(runner('many')).problems['row.count']).toMatch(/“many”/)
  expect(plan(runner('90')).problems['row.count']).toMatch(/do not fit/)
  const wide = piece(
    { ownDesign: { ...ownDesign, width: mm('420') } },
    { item: { kind: 'napkin', size: 'lunch' }, placement: 'corner' },
  )
  expect(plan(wide).problems['design.width']).toBe(
    'The design is 420 mm wide and the item only 400 mm. Use a smaller one.',
  )
})

describe('more of one piece', () => {
  const typed = { measures: { chestWidth: mm('535') }, distances: { down: mm('182') }, marked: { dots: true } }
  const open = piece({ ...typed, designId: 'tern' })
  const first = patched<Piece>(open, decideStage(open, 'measure', planPiece(open, shelf), at)!)

  it('goes on the same item with its measurements and nothing else of the first', () => {
    const next = alsoOn(first, 'item-1', fresh)
    expect(next.item).toEqual({ ...first.item, shared: 'item-1' })
    expect(next.measure).toMatchObject({
      placement: 'right-chest',
      measures: { chestWidth: mm('535') },
      ...{ designId: null, distances: {}, kept: [] },
    })
    expect(Piece.safeParse(next).success).toBe(true)
  })

  it('or is the same again: numbers assumed until they are confirmed, nothing marked or decided', () => {
    const next = sameAgain(first, fresh)
    expect(next.measure).toMatchObject({
      ...{ placement: 'left-chest', designId: 'tern' },
      ...{ measures: {}, distances: {}, marked: {}, kept: [] },
    })
    const bySize = patched<Piece>(next, { measure: { designId: null } })
    const planned = plan(bySize)
    expect([...planned.carried]).toEqual(['chestWidth'])
    expect(planned.measures.chestWidth).toBe(535)
    expect(planned.assumed.has('chestWidth')).toBe(true)
    expect(planned.placement!.distances.find((d) => d.id === 'down')!.mm).toBe(182)
    expect(nextAction(bySize, planned)).toBe('Measure: 1 of last time’s numbers to confirm.')
    expect(plan(patched(next, { measure: { measures: { chestWidth: mm('540') } } })).carried.size).toBe(0)
  })

  it('on another size goes by that size’s numbers, takes nothing over, and comes back to its own', () => {
    const next = patched<Piece>(sameAgain(first, fresh), { measure: { designId: null } })
    const taken = patched<Piece>(next, {
      measure: { ...next.measure.carried!, measures: { chestWidth: mm('535'), neckWidth: mm('191') } },
    })
    const large = patched<Piece>(taken, resized(taken, '2xl'))
    expect(large.measure.measures).toEqual({ neckWidth: mm('191') })
    // A 2XL tee is 660 wide, its chest's cross 201 down.
    expect(plan(large).measures.chestWidth).toBe(660)
    expect(plan(large).carried.size).toBe(0)
    expect(plan(large).placement!.distances.find((d) => d.id === 'down')!.mm).toBe(201)
    const back = patched<Piece>(large, resized(large, next.item.size))
    expect(plan(back).measures.chestWidth).toBe(535)
  })

  it('share of a change what belongs to the item', () => {
    const measures = { chestWidth: mm('1') }
    expect(sharedPart({ measure: { measures, distances: {} } })).toEqual({ measure: { measures } })
    expect(sharedPart({ measure: { placement: 'sleeve' } })).toBeNull()
  })
})
