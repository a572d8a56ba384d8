import { Hoop, type Piece } from '@thimble/contract'
import {
  hoopToHold,
  markedOf,
  movedPart,
  movePart,
  moveToHoop,
  planHoop,
  planPiece,
  reasonsToday,
  type Shelf,
} from '@thimble/plan'
import { mm, patched, polo, shelf } from './marramAndTide'

const [square] = shelf.hoops as [Hoop]
const onlySquare: Shelf = { ...shelf, hoops: [square] }
const ofTwill = { item: { kind: 'flat-panel', size: 'large' }, placement: 'centred', family: 'twill' } as const

describe('a part of a grouped design', () => {
  // A badge of 60 with a name of 20 under it: 110 from top to foot, about its middle, and 60 wide.
  const box = (name: string, top: number, foot: number) => ({ name, hull: [-30, top, 30, top, 30, foot, -30, foot] })
  const group = {
    ...shelf.designs['tern']!,
    ...{ id: 'group', name: 'Badge and name', width: 60, height: 110 },
    parts: [box('Badge', -55, 5), box('Name', 35, 55)],
  }
  const on: Shelf = { ...onlySquare, designs: { group } }
  const panel = polo(
    { measure: { measures: { width: mm('600'), height: mm('500') }, designId: 'group' }, hoop: { turn: 0 } },
    ofTwill,
  )
  const suggested = (piece: Piece) => {
    const { marked, hoop } = planPiece(piece, on)
    return movePart({ marked, hoops: on.hoops, machines: [] }, hoop)
  }

  it('is moved by the least that lets a hoop take the whole with 3 mm on each side, and comes back', () => {
    // As it is, it takes two hoopings.
    expect(planPiece(panel, on).hoop.chosen).toMatchObject({ hoopings: 2, parts: [[0], [1]] })
    const move = suggested(panel)!
    expect([move.hoop, move.x, Math.abs(move.y)]).toEqual(['square', expect.closeTo(0, 6), expect.closeTo(16, 2)])
    const moved = patched(panel, { hoop: movedPart(panel, move.part, move.x, move.y) })
    const { marked, hoop } = planPiece(moved, on)
    expect([marked.design.width, marked.design.height]).toEqual([60, expect.closeTo(94, 6)])
    expect(hoop.chosen).toMatchObject({ hoop: 'square', fits: true, parts: null })
    expect(suggested(moved)).toBeNull()
    const back = patched(moved, { hoop: { moved: { [move.part]: null } } } as never)
    expect(markedOf([], planPiece(back, on).measure, on.designs, back.hoop.moved).design.height).toBe(110)
  })

  it('is kept as it is said: by whole millimetres, added to what it was moved before', () => {
    const once = patched(panel, { hoop: movedPart(panel, 1, 2.2, -9.9) })
    expect(once.hoop.moved).toEqual({ 1: { x: 3, y: -10 } })
    expect(movedPart(once, 1, 0, -0.4)).toEqual({ moved: { 1: { x: 3, y: -11 } } })
  })
})

describe('another hoop, or another place', () => {
  const clamp = Hoop.parse({ ...square, id: 'clamp', name: 'clamp', clamp: true })
  const panel = polo({ measure: { designId: 'tern' } }, ofTwill)
  const asked = (hoops: Hoop[]) => {
    const { marked } = planPiece(panel, { ...shelf, hoops })
    return { piece: panel, marked, stack: null, shop: shelf.shop, hoops, machines: [] }
  }

  it('holds it the way it is asked for, where one can', () => {
    expect(hoopToHold('clamped', asked([square]))).toBeNull()
    expect(hoopToHold('clamped', asked([square, clamp]))).toBe('clamp')
    expect(hoopToHold('hooped', asked([clamp, square]))).toBe('square')
  })

  it('is said in the least millimetres at which a hoop lies on cloth', () => {
    const towel = polo(
      { measure: { designId: 'tern' }, hoop: { turn: 0 } },
      { item: { kind: 'bath-towel', size: 'usual' }, placement: 'above-hem', family: 'twill' },
    )
    const { marked } = planPiece(towel, onlySquare)
    const { placed } = marked
    // 40 above the hem. The hoop is 75 from its middle to its edge, and its field lets the design lie 19 off that middle.
    const low = { ...marked, placed: { ...placed!, pose: { ...placed!.pose, y: -40 } } }
    const ask = { marked: low, hoops: [square], machines: [], shop: shelf.shop }
    const found = moveToHoop(ask, planHoop({ ...ask, piece: towel, stack: null }))
    expect(found).toMatchObject({ hoop: 'square', down: -(75 - 19 - 40) })
    expect(moveToHoop({ ...ask, marked }, planHoop({ ...ask, marked, piece: towel, stack: null }))).toBeNull()
  })
})

it('reasons of decided layers go where they no longer hold', () => {
  const piece = polo({ measure: { designId: 'tern' }, hoop: { hoopId: 'square' } }, ofTwill)
  const { build } = planPiece(piece, shelf)
  const decided = { basis: build.basis, stack: build.stack }
  const rules = (loadClass: 'medium' | 'dense') =>
    reasonsToday(decided, { ...build.basis, work: { ...build.basis.work, loadClass } }).map(({ rule }) => rule)
  expect(build.basis.work.loadClass).toBe('medium')
  expect(rules('medium')).toContain('layers.medium')
  expect(rules('dense')).not.toContain('layers.medium')
})
