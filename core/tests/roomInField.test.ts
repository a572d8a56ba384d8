import { roomInField } from '@thimble/core/hooping'

it('a point’s room in a field is its distance to the edge, outside below nothing; corners are the field’s own', () => {
  const square = roomInField({ shape: 'rect', width: 100, height: 100, cornerRadius: 0 })
  expect([square({ x: 30, y: 0 }), square({ x: 0, y: -50 }), square({ x: 53, y: 54 })]).toEqual([20, 0, -5])
  // The corner of a round field's box lies 50 (√2 − 1) beyond it.
  const round = roomInField({ shape: 'oval', width: 100, height: 100 })
  expect(round({ x: 50, y: 50 })).toBeCloseTo(-20.7107, 3)
  expect(round({ x: 0, y: 40 })).toBeCloseTo(10, 6)
})
