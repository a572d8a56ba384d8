import fc from 'fast-check'
import { chooseHolding, recommendRecipe, type RecipeQuery } from '../src'
import { defaultHabits } from '../src/habits'
import { clothFamilies, factsOf } from '../src/recipe'

const MANY = process.env.THIMBLE_ENDURE ? 400 : 130
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
        const by = (method: string) => advice.choices.find((c) => c.method === method)!
        expect(recipe.options[0]!.holding).toBe(advice.method)
        for (const option of recipe.options) {
          expect(by(option.holding).allowed).toBe(true)
          expect(option.against).toEqual(by(option.holding).against)
        }
        for (const { method } of advice.choices.filter((c) => c.allowed)) {
          const { options } = recommendRecipe({ ...q, holding: method })
          expect([options.length > 0, ...options.map((o) => o.holding)]).toEqual([true, ...options.map(() => method)])
          expect(chooseHolding({ ...q, holding: method })).toMatchObject({ method })
        }
      }),
      { numRuns: MANY },
    )
  })

  it('refuses only what cannot be done, and puts first what nothing speaks against, where there is such', () => {
    fc.assert(
      // eslint-disable-next-line complexity -- what cannot be done, way by way
      fc.property(query, (q) => {
        const { ring, clothBeyondRing = 99, ringInside = true, holding } = q
        const thicknessMm = factsOf(q).thickness
        const { method, against, choices } = chooseHolding(q)
        const [tooThick, lies] = [thicknessMm > (ring?.maxThicknessMm ?? 99), clothBeyondRing >= 0 && ringInside]
        const possible = {
          ...{ floated: true, 'backing-alone': false, hooped: lies && !tooThick && !ring?.clamp },
          ...{ 'backing-under': lies && !tooThick, clamped: lies && ring?.clamp !== false },
        }
        if (ring && !('clamp' in ring)) possible.clamped = false
        for (const c of choices) expect([c.method, c.allowed]).toEqual([c.method, possible[c.method]])
        const offered = choices.filter((c) => c.allowed && !c.against && c.method !== 'backing-under')
        if (holding === undefined && offered.some((c) => c.method !== 'clamped' || ring?.clamp))
          expect([method, against]).toEqual([method, undefined])
      }),
      { numRuns: MANY },
    )
  })

  it.each([
    ['velvet-plush', 'fill', 'light', 'backing-under'],
    ['velvet-plush', 'fill', 'light', 'hooped'],
    ['jersey', 'fill', 'dense', 'floated'],
    ['canvas', 'line', 'light', 'hooped'],
    ['coated', 'fill', 'dense', 'floated'],
  ] as const)(
    'helps with what is done all the same, with one caution: %s, %s, %s, %s',
    (family, kind, loadClass, holding) => {
      const topThread = { weight: 40, fibre: 'polyester', colours: ['#203040', '#ffffff'] } as const
      const { options } = recommendRecipe({
        cloth: { family, colour: '#f4f1e8' },
        work: {
          widthMm: 80,
          heightMm: 60,
          loadClass,
          kind,
          topThread: { ...topThread, colours: [...topThread.colours] },
        },
        ...{ use: {}, habits: defaultHabits, holding },
      })
      expect(options[0]).toMatchObject({ holding })
      expect(options[0]!.against?.text ?? 'none').toMatch(family === 'canvas' ? /^none$/ : /^[A-Z].*\. [A-Z].*\.$/)
    },
  )
})
