import { chooseHolding, estimateLoad, type HoopChoiceSource, rankHoops, rectangle, type RecipeQuery } from '../src'
import { defaultHabits } from '../src/habits'

const rect = (id: string, width: number, height: number, more: Partial<HoopChoiceSource> = {}): HoopChoiceSource => ({
  id,
  name: id,
  field: { shape: 'rect', width, height, cornerRadius: 0 },
  outside: { width: width + 34, height: height + 50 },
  ...more,
})
const shelf = [rect('large', 160, 260), rect('small', 100, 100), rect('long', 130, 180), rect('snug', 90, 70)]
const order = (q: Parameters<typeof rankHoops>[0]): string[] =>
  rankHoops(q)
    .filter((c) => c.fits)
    .map((c) => c.hoop)
const code = (q: Parameters<typeof rankHoops>[0], hoop: string): string[] =>
  rankHoops(q)
    .find((c) => c.hoop === hoop)!
    .reasons.map((r) => r.code)

describe('rankHoops', () => {
  it('puts room of 5 mm each way before the least spare area', () => {
    // 84 x 62 leaves 3 mm in the 90 x 70: it fits, but comes after all that leave 5.
    expect(order({ hull: rectangle(84, 62), hoops: shelf })).toEqual(['small', 'long', 'large', 'snug'])
  })

  it('turns a design a quarter when only that fits, and says what is too large by how much', () => {
    const [first] = rankHoops({ hull: rectangle(170, 120), hoops: shelf })
    expect([first!.hoop, first!.rotation % 180]).toEqual(['long', 90])
    expect(
      rankHoops({ hull: rectangle(300, 300), hoops: shelf }).every(
        (c) => !c.fits && c.reasons[0]!.code === 'too-large',
      ),
    ).toBe(true)
    expect(rankHoops({ hull: rectangle(104, 50), hoops: [rect('small', 100, 100)] })[0]!.reasons[0]!.text).toBe(
      'The design reaches 2 mm past the sewing field.',
    )
  })

  it('keeps hoops out of narrow garments, off seam ridges, and on the cloth', () => {
    const target = { x: 90, y: 100, rotation: 0 }
    const seam = {
      id: 's',
      name: 'armhole seam',
      outline: [
        { x: 176, y: 0 },
        { x: 184, y: 0 },
        { x: 184, y: 200 },
        { x: 176, y: 200 },
      ],
      clear: 10,
      ring: 'refused' as const,
    }
    const item = { target, outline: rectangle(540, 900, { x: 0, y: 300 }), zones: [seam], tube: { width: 540 } }
    // The large ring, 194 wide, reaches to 187: it slides 11.02 toward the middle, which the field has room for.
    const [large] = rankHoops({ hull: rectangle(84, 62), hoops: [shelf[0]!], item })
    expect([large!.fits, large!.move.x, large!.move.y]).toEqual([true, expect.closeTo(11.02, 2), 0])
    expect(code({ hull: rectangle(150, 62), hoops: shelf, item, rotations: [0] }, 'large')).toContain('ring-on-zone')
    expect(code({ hull: rectangle(84, 62), hoops: shelf, item }, 'small')).not.toContain('ring-on-zone')
    expect(
      code({ hull: rectangle(84, 62), hoops: shelf, item: { ...item, zones: [], tube: { width: 190 } } }, 'large'),
    ).toContain('ring-too-wide')
    // A sleeve of 150 takes the ring 134 across and not 150: the quarter turn that loading would like gives way.
    const sleeve = {
      target: { x: 0, y: 0, rotation: 0 },
      outline: rectangle(150, 600),
      zones: [],
      tube: { width: 150 },
    }
    const [turned] = rankHoops({ hull: rectangle(50, 40), hoops: [shelf[1]!], item: sleeve, rotations: [90, 0] })
    expect([turned!.fits, turned!.rotation]).toEqual([true, 0])
    const napkin = {
      target: { x: 60, y: 60, rotation: 0 },
      outline: rectangle(400, 400, { x: 200, y: 200 }),
      zones: [],
      tube: null,
    }
    expect(code({ hull: rectangle(50, 50), hoops: shelf, item: napkin }, 'small')).toContain('cloth-too-small')
    expect(order({ hull: rectangle(50, 50), hoops: shelf, item: napkin, holding: 'floated' })).toContain('small')
  })
})

describe('chooseHolding', () => {
  const query = (over: Partial<RecipeQuery['cloth']>, work: Partial<RecipeQuery['work']> = {}): RecipeQuery => ({
    cloth: { family: 'pique', colour: '#27406b', ...over },
    use: {},
    habits: defaultHabits,
    work: {
      widthMm: 84,
      heightMm: 62,
      loadClass: 'light',
      kind: 'fill',
      topThread: { weight: 40, fibre: 'polyester', colours: ['#ffffff'] },
      ...work,
    },
  })
  const because = (q: Parameters<typeof chooseHolding>[0]): [string, string] => {
    const a = chooseHolding(q)
    return [a.method, a.because[0]!.rule]
  }

  it.each([
    ['a knit is hooped', query({}), ['hooped', 'hold.knits-hooped']],
    ['a towel is floated', query({ family: 'terry' }), ['floated', 'hold.towels-floated']],
    ['a bruising cloth is floated', query({ bruise: 'high' }), ['floated', 'hold.bruised-floated']],
    [
      'a corner with little cloth beyond the hoop is floated',
      { ...query({ family: 'twill' }), clothBeyondRing: 12 },
      ['floated', 'hold.nothing-against-floating'],
    ],
    [
      'a knit hoops under a dense design even where the shop floats',
      { ...query({}, { loadClass: 'dense' }), habits: { ...defaultHabits, knits: 'float' as const } },
      ['hooped', 'hold.dense-hooped'],
    ],
    [
      'goods too thick for the hoop are clamped where there is a clamp',
      {
        ...query({ family: 'canvas', thicknessMm: 5 }),
        ring: { outsideWidthMm: 200, outsideHeightMm: 200, clamp: true, maxThicknessMm: 4 },
      },
      ['clamped', 'hold.thick-clamped'],
    ],
  ] as const)('%s', (_, q, expected) => {
    expect(because(q as never)).toEqual(expected)
  })

  it('tells why the other ways will not do', () => {
    const { choices } = chooseHolding({ ...query({ family: 'twill' }), clothBeyondRing: -8 })
    expect(choices.find((c) => c.method === 'hooped')!.because[0]!.text).toBe(
      'The hoop hangs 8 mm over the cloth’s edge and cannot hold it there. Hoop the backing and float the cloth.',
    )
  })
})

it('classes a load by stitches per cm²', () => {
  // 84 x 62 mm is 52.08 cm2, of which a fill takes 0.7 and a line 0.25.
  expect(estimateLoad({ width: 84, height: 62 }, 3125)).toEqual({ mean: expect.closeTo(85.7, 1), loadClass: 'medium' })
  expect(estimateLoad({ width: 84, height: 62 }, 3125, 'line').mean).toBeCloseTo(240.0, 1)
  expect(['outline', 'light', 'medium', 'dense']).toEqual(
    [14, 44, 99, 100].map((n) => estimateLoad({ width: 10, height: 10 }, n * 0.7).loadClass),
  )
})

describe('a whole row', () => {
  // Seven motifs of 100 x 40, 150 apart: fields of 260 and 180 take one and two at a time with 5 mm to spare.
  const row = {
    centres: [-450, -300, -150, 0, 150, 300, 450],
    motif: 100,
    height: 40,
    frame: { x: 0, y: 500, rotation: 0 },
    offset: -60,
  }
  const ranked = rankHoops({ hull: rectangle(100, 40), hoops: shelf, row })

  it('goes to the hoop that takes it in the fewest hoopings, each group as wide as fits', () => {
    expect(ranked.filter((c) => c.fits).map((c) => [c.hoop, c.hoopings, c.size.width])).toEqual([
      ['large', 4, 250],
      ['long', 7, 100],
      ['small', 7, 100],
    ])
    expect(ranked.find((c) => c.hoop === 'snug')!.fits).toBe(false)
  })

  it('lies with its first group on the row, and is refused where any group’s hoop is', () => {
    expect(ranked[0]!.target).toEqual({ x: -375, y: 440, rotation: 0 })
    const zone = {
      id: 'zip',
      name: 'zip',
      outline: rectangle(20, 300, { x: 530, y: 440 }),
      clear: 15,
      ring: 'refused' as const,
    }
    const item = { target: { x: -450, y: 440, rotation: 0 }, outline: rectangle(3000, 2000), zones: [zone], tube: null }
    const [large] = rankHoops({ hull: rectangle(100, 40), hoops: [shelf[0]!], row, item })
    expect(large!.reasons.map((r) => r.code)).toContain('ring-on-zone')
  })
})
