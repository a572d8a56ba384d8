import fc from 'fast-check'
import { type LoadingQuery, orientLoading } from '../src'

const flat = { bed: 'flat', throatDepth: 180, throatHeight: 90 } as const
const polo: LoadingQuery = {
  design: { width: 84, height: 62, rotation: 0 },
  extents: { up: 190, right: 175, down: 520, left: 365 },
  layers: 2,
  thickness: 0.7,
  field: { shape: 'rect', width: 130, height: 180, cornerRadius: 6 },
  quarterTurns: true,
  closed: { left: true, right: true },
  machine: flat,
  habit: 'bulk-away',
}

describe('orientLoading', () => {
  it('puts the least cloth under the machine arm: the top of a polo, as its sides are closed and count double', () => {
    // Right 175 closed: 350; left 365 closed: 730; up 190; down 520. The top goes right at a quarter turn clockwise.
    const { turn, sides } = orientLoading(polo)
    expect(turn).toBe(90)
    expect(sides).toEqual({
      throat: { way: 'up', reach: 190 },
      front: { way: 'right', reach: 175 },
      carriage: { way: 'down', reach: 520 },
      back: { way: 'left', reach: 365 },
    })
  })

  it('turns by halves alone where the field or the machine takes no quarter', () => {
    expect(orientLoading({ ...polo, quarterTurns: false }).turn).toBe(0)
    const long = { ...polo, design: { width: 120, height: 160, rotation: 0 } }
    expect(orientLoading({ ...long, extents: { ...polo.extents, left: 150 } }).turn).toBe(180)
  })

  it('keeps the hem toward the worker where that is the preference and it fits', () => {
    expect(orientLoading({ ...polo, habit: 'hem-to-user' })).toMatchObject({ turn: 0, because: [{ habit: 'loading' }] })
  })

  it('takes turn 0, then 180, 90, 270 where they cost the same', () => {
    const even = { ...polo, extents: { up: 300, right: 300, down: 300, left: 300 }, closed: {} }
    expect(orientLoading(even).turn).toBe(0)
    expect(orientLoading({ ...even, extents: { up: 200, right: 300, down: 200, left: 200 } }).turn).toBe(180)
    expect(orientLoading({ ...even, extents: { up: 200, right: 300, down: 200, left: 300 } }).turn).toBe(90)
  })

  it('rolls what lies beyond the field cloth under the arm: area over the part of a roll that is cloth', () => {
    // 175 less half of 130: 110 mm; 2 layers of 0.7: 154 mm2 of cloth, 60 % of a disc of 18.08 mm.
    const { roll, warnings } = orientLoading({ ...polo, quarterTurns: false, closed: {} })
    expect(roll!.diameter).toBeCloseTo(18.08, 2)
    expect([roll!.fits, warnings]).toEqual([true, []])
    const thick = orientLoading({ ...polo, quarterTurns: false, thickness: 20, closed: {} })
    expect([thick.roll!.fits, thick.warnings.map((w) => w.code)]).toEqual([false, ['drags']])
    expect(orientLoading({ ...polo, extents: { up: 20, right: 500, down: 500, left: 500 } }).roll).toBeNull()
  })

  it('does not care on a free arm, but for the layer that must not lie on the bed', () => {
    const arm = orientLoading({ ...polo, machine: { ...flat, bed: 'free-arm' } })
    expect([arm.turn, arm.roll, arm.warnings.map((w) => w.code)]).toEqual([0, null, ['one-layer']])
  })

  it('does not turn a design for a little less cloth, where that costs the room to correct', () => {
    // 150 by 100 in 260 by 160: 55 and 30 to spare as it lies, 80 and 5 a quarter round, with 19 mm less cloth under the arm.
    const tote: LoadingQuery = {
      ...{ ...polo, design: { width: 150, height: 100, rotation: 0 }, closed: {} },
      ...{ field: { shape: 'rect', width: 260, height: 160, cornerRadius: 0 } },
      extents: { up: 181, right: 200, down: 300, left: 220 },
    }
    expect(orientLoading(tote)).toMatchObject({ turn: 0, because: [{ rule: 'load.room-to-correct' }] })
    // At 41 mm less, which is more than a tenth, the cloth decides: a quarter round 5 mm are left each way.
    expect(orientLoading({ ...tote, extents: { ...tote.extents, up: 159 } }).turn).toBe(90)
    // Under 5 mm each way it stays behind, until the others bring 150 mm more into the throat.
    const tight = (up: number) => ({
      ...{ ...tote, design: { width: 152, height: 100, rotation: 0 } },
      extents: { up, right: 250, down: 400, left: 260 },
    })
    expect(orientLoading(tight(101)).turn).toBe(0)
    expect(orientLoading(tight(99)).turn).toBe(90)
  })

  it('never has much more cloth under the arm than another way that fits would', () => {
    const far = fc.double({ min: 0, max: 900, noNaN: true })
    fc.assert(
      fc.property(fc.record({ up: far, right: far, down: far, left: far }), fc.boolean(), (extents, quarterTurns) => {
        const { turn, sides, others } = orientLoading({ ...polo, extents, quarterTurns, closed: {} })
        const throatAt = { 0: extents.right, 90: extents.up, 180: extents.left, 270: extents.down }
        expect(sides.throat.reach).toBe(throatAt[turn])
        const least = Math.min(...others.map((other) => throatAt[other.turn]), sides.throat.reach)
        expect(sides.throat.reach).toBeLessThanOrEqual(least + Math.max(40, least / 10) + 1e-6)
        expect(others).toHaveLength(quarterTurns ? 3 : 1)
      }),
    )
  })

  it('says what another way would cost', () => {
    const { others } = orientLoading({ ...polo, names: { down: 'hem', up: 'neck' } })
    expect(others.find((o) => o.turn === 0)!.text).toBe(
      'Hem toward you instead: 15 mm less cloth under the arm, sewn-shut side.',
    )
  })

  it('takes the turn it is given for the worker’s sake or the hoop’s, and offers the way it would have gone', () => {
    const names = { left: 'left side' }
    const taken = (takenFor: 'worker' | 'ring') => orientLoading({ ...polo, names, turn: 180, takenFor })
    for (const why of ['worker', 'ring'] as const) {
      expect(taken(why).sides.throat).toEqual({ way: 'left', reach: 365 })
      expect(taken(why).others.map((o) => o.turn)).toContain(90)
    }
    expect(taken('worker').because[0]!.rule).toBe('load.own-way')
    expect(taken('ring').because[0]!.text).toBe(
      'The left side goes under the machine arm. Otherwise the hoop is off the cloth.',
    )
  })
})
