import fc from 'fast-check'
import { placeInHoop, rectangle, spaceMotifs, splitHoopings } from '../src'
import { rowFieldLength } from '../src/rows'

const code = (run: () => unknown): string => {
  try {
    run()
    return 'fine'
  } catch (error) {
    return (error as { code: string }).code
  }
}

describe('spaceMotifs', () => {
  it.each([
    // length, motif, count: gap and centres worked by hand
    [{ length: 500, motif: 100, count: 3, ends: 'flush' }, 100, [-200, 0, 200]],
    [{ length: 500, motif: 100, count: 2, ends: 'flush' }, 300, [-200, 200]],
    [{ length: 600, motif: 100, count: 4, ends: 'half-gap' }, 50, [-225, -75, 75, 225]],
    [{ length: 500, motif: 60, count: 3, ends: 'margin', margin: 40 }, 120, [-180, 0, 180]],
    [{ length: 500, motif: 100, gap: 100, ends: 'flush' }, 100, [-200, 0, 200]],
    [{ length: 499, motif: 100, gap: 100, ends: 'flush' }, 299, [-199.5, 199.5]],
    [{ length: 600, motif: 100, minGap: 50, ends: 'half-gap' }, 50, [-225, -75, 75, 225]],
    [{ length: 300, motif: 100, count: 1, ends: 'flush' }, 100, [0]],
    [{ length: 1000, motif: 100, count: 4, ends: 'flush', closed: true }, 150, [-250, 0, 250, 500]],
    [{ length: 900, motif: 100, count: 3, ends: 'flush', closed: true }, 200, [-300, 0, 300]],
    [{ length: 0.3, motif: 0.1, gap: 0, ends: 'flush' }, 0, [-0.1, 0, 0.1]],
    // One that just fits is a row of one, whatever gap was wished for.
    [{ length: 100, motif: 100, gap: 20, ends: 'flush' }, 0, [0]],
    [{ length: 104, motif: 100, minGap: 20, ends: 'half-gap' }, 2, [0]],
  ] as const)('%o leaves a gap of %f', (request, gap, centres) => {
    const row = spaceMotifs(request)
    expect(row.gap).toBeCloseTo(gap, 9)
    expect(row.centres).toHaveLength(centres.length)
    row.centres.forEach((c, i) => expect(c).toBeCloseTo(centres[i]!, 9))
    expect(row.count).toBe(centres.length)
  })

  it.each([
    [{ length: 100, motif: 101, gap: 0, ends: 'flush' }, 'no-room'],
    [{ length: 500, motif: 100, count: 6, ends: 'flush' }, 'no-room'],
    [{ length: 500, motif: 100, count: 3, minGap: 101, ends: 'flush' }, 'no-room'],
    [{ length: 500, motif: 100, count: 3, gap: 400, ends: 'flush' }, 'fine'],
    [{ length: 500, motif: 100, ends: 'flush' }, 'bad-request'],
    [{ length: 500, motif: 100, count: 2.5, ends: 'flush' }, 'bad-request'],
    [{ length: 500, motif: 100, count: 0, ends: 'flush' }, 'bad-request'],
    [{ length: NaN, motif: 100, count: 2, ends: 'flush' }, 'bad-request'],
    [{ length: 500, motif: -1, count: 2, ends: 'flush' }, 'bad-request'],
    [{ length: 500, motif: 100, gap: -3, ends: 'flush' }, 'bad-request'],
    [{ length: 200, motif: 100, count: 1, ends: 'margin', margin: 60 }, 'no-room'],
  ] as const)('%o is %s', (request, expected) => expect(code(() => spaceMotifs(request))).toBe(expected))

  it('takes the largest count whose gap is enough, as counting upward finds', () => {
    const ends = fc.constantFrom('flush', 'half-gap', 'margin') as fc.Arbitrary<'flush' | 'half-gap' | 'margin'>
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 900 }),
        fc.integer({ min: 5, max: 90 }),
        fc.integer({ min: 0, max: 60 }),
        ends,
        fc.boolean(),
        (length, motif, gap, end, closed) => {
          const request = { length, motif, ends: end, margin: 7, closed }
          let best = 0
          for (let n = 1; n <= length / motif + 1; n++)
            if (code(() => spaceMotifs({ ...request, count: n, minGap: gap })) === 'fine') best = n
          if (best === 0) return code(() => spaceMotifs({ ...request, gap })) === 'no-room'
          const row = spaceMotifs({ ...request, gap })
          const even = row.centres.slice(1).every((c, i) => Math.abs(c - row.centres[i]! - motif - row.gap) < 1e-9)
          // Of one motif no least gap is asked (core.md section 6).
          return row.count === best && (row.count === 1 || (row.gap >= gap - 1e-9 && even))
        },
      ),
    )
  })
})

describe('splitHoopings', () => {
  it('groups left to right as far as the field goes, limits met exactly', () => {
    expect(splitHoopings([200, -200, 0], 100, 300)).toEqual([
      { from: 0, to: 1, centre: -100 },
      { from: 2, to: 2, centre: 200 },
    ])
    expect(splitHoopings([-200, 0, 200], 100, 500)).toEqual([{ from: 0, to: 2, centre: 0 }])
    expect(splitHoopings([], 100, 500)).toEqual([])
    expect(code(() => splitHoopings([0], 101, 100))).toBe('no-room')
    expect(code(() => splitHoopings([0], 0, 100))).toBe('bad-request')
  })

  it('needs no more hoopings than the best of all ways to cut the row', () => {
    const best = (centres: number[], motif: number, field: number): number => {
      const least = [0, ...centres.map(() => Infinity)]
      centres.forEach((last, to) => {
        for (let from = 0; from <= to; from++)
          if (last - centres[from]! + motif <= field) least[to + 1] = Math.min(least[to + 1]!, least[from]! + 1)
      })
      return least[centres.length]!
    }
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -400, max: 400 }), { minLength: 1, maxLength: 12 }),
        fc.integer({ min: 10, max: 60 }),
        fc.integer({ min: 60, max: 400 }),
        (raw, motif, field) => {
          const centres = [...new Set(raw)].sort((a, b) => a - b)
          const groups = splitHoopings(centres, motif, field)
          const whole = groups.flatMap(({ from, to }) => Array.from({ length: to - from + 1 }, (_, i) => from + i))
          return (
            groups.length === best(centres, motif, field) &&
            whole.length === centres.length &&
            whole.every((n, i) => n === i)
          )
        },
      ),
    )
  })
})

it('knows how long a stretch of a row a field sews, corners and all', () => {
  expect(rowFieldLength({ shape: 'rect', width: 160, height: 260, cornerRadius: 0 }, 40)).toBe(260)
  expect(rowFieldLength({ shape: 'rect', width: 160, height: 260, cornerRadius: 0 }, 200)).toBe(160)
  expect(rowFieldLength({ shape: 'rect', width: 160, height: 260, cornerRadius: 0 }, 40, 5)).toBe(250)
  expect(rowFieldLength({ shape: 'rect', width: 100, height: 100, cornerRadius: 0 }, 120)).toBe(0)
  // In a circle of 100 a strip 60 high is 80 long.
  expect(rowFieldLength({ shape: 'oval', width: 100, height: 100 }, 60)).toBeCloseTo(80, 3)
  const field = { shape: 'rect', width: 200, height: 100, cornerRadius: 30 } as const
  const most = rowFieldLength(field, 90)
  expect(placeInHoop({ hull: rectangle(most, 90), field, pose: { x: 0, y: 0, rotation: 0 } }).fits).toBe(true)
  expect(placeInHoop({ hull: rectangle(most + 0.1, 90), field, pose: { x: 0, y: 0, rotation: 0 } }).fits).toBe(false)
})
