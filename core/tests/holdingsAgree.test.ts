import fc from 'fast-check'
import { chooseHolding, recommendRecipe, type RecipeQuery } from '../src'
import { defaultHabits } from '../src/habits'
import { clothFamilies } from '../src/recipe'

const query = fc
  .record({
    family: fc.constantFrom(...clothFamilies),
    loadClass: fc.constantFrom('outline', 'light', 'medium', 'dense'),
    kind: fc.constantFrom('line', 'wording', 'fill', 'applique', 'satin'),
    colours: fc.constantFrom(['#ffffff'], ['#ffffff', '#203040']),
    use: fc.constantFrom({}, { nextToSkin: true }, { infant: true }),
    knits: fc.constantFrom('hoop', 'float'),
    ring: fc.constantFrom(
      undefined,
      { outsideWidthMm: 134, outsideHeightMm: 150, maxThicknessMm: 2 },
      { outsideWidthMm: 236, outsideHeightMm: 250, clamp: true, maxThicknessMm: 12 },
    ),
    room: fc.constantFrom(
      {},
      { clothBeyondRing: 40 },
      { clothBeyondRing: 10 },
      { clothBeyondRing: -5 },
      { ringInside: false },
    ),
    holding: fc.constantFrom(undefined, 'hooped', 'floated', 'clamped', 'backing-under'),
  } as const)
  .map(
    ({ family, loadClass, kind, colours, use, knits, ring, room, holding }): RecipeQuery => ({
      cloth: { family, colour: '#27406b' },
      work: {
        widthMm: 80,
        heightMm: 60,
        loadClass,
        kind,
        topThread: { weight: 40, fibre: 'polyester', colours: [...colours] },
      },
      ...{ use, habits: { ...defaultHabits, knits }, ...room },
      ...(ring ? { ring } : {}),
      ...(holding ? { holding } : {}),
    }),
  )

describe('how a piece is held and what its stack is', () => {
  it('never contradict each other: what one offers the other accepts', () => {
    fc.assert(
      fc.property(query, (q) => {
        const [advice, recipe] = [chooseHolding(q), recommendRecipe(q)]
        expect(recipe.options.length === 0).toBe(advice.method === 'none')
        const allowed = advice.choices.filter((c) => c.allowed).map((c) => c.method)
        for (const option of recipe.options) expect(allowed).toContain(option.holding)
        for (const method of allowed) {
          const { options } = recommendRecipe({ ...q, holding: method })
          expect([options.length > 0, ...options.map((o) => o.holding)]).toEqual([true, ...options.map(() => method)])
        }
      }),
      { numRuns: 400 },
    )
  })

  it('says none where nothing is left, with the ways out', () => {
    const q: RecipeQuery = {
      cloth: { family: 'jersey', colour: '#f4f1e8' },
      work: {
        widthMm: 80,
        heightMm: 60,
        loadClass: 'dense',
        kind: 'fill',
        topThread: { weight: 40, fibre: 'polyester', colours: ['#203040'] },
      },
      ...{ use: {}, habits: defaultHabits, ringInside: false },
    }
    const { method, waysOut } = chooseHolding(q)
    expect([method, waysOut.map((way) => way.rule)]).toEqual([
      'none',
      ['out.smaller-hoop', 'out.open-seam', 'out.clamp', 'out.lighter-design'],
    ])
    expect(recommendRecipe(q).refused[0]!.because.rule).toBe('hold.nothing-left')
  })
})
