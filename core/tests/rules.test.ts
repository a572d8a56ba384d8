import { layerNames, writeMessage } from '@thimble/language'
import { whyOf } from '../src/messages'
import { recommendRecipe, type RecipeQuery } from '../src'
import { defaultHabits, habitQuestions } from '../src/habits'
import { clothFamilies } from '../src/recipe'
import { backingRules as backings } from '../src/recipe/backings'
import { factsOf } from '../src/recipe/facts'
import { holdingRules } from '../src/recipe/rules/holdingRules'
import { needleRules } from '../src/recipe/rules/needleRules'
import { otherToppings, toppingRules } from '../src/recipe/rules/toppingRules'

const everyRule = [...holdingRules, ...backings, ...toppingRules, ...otherToppings, ...needleRules]
const query = (over: Partial<RecipeQuery['cloth']> = {}, work: Partial<RecipeQuery['work']> = {}): RecipeQuery => ({
  cloth: { family: 'pique', colour: '#27406b', ...over },
  work: {
    widthMm: 84,
    heightMm: 62,
    loadClass: 'light',
    kind: 'fill',
    topThread: { weight: 40, fibre: 'polyester', colours: ['#fdfbf5'] },
    ...work,
  },
  use: {},
  habits: defaultHabits,
})

describe('the rules as data', () => {
  it('have ids of their own and sentences without shouting', () => {
    const ids = everyRule.map((r) => r.id)
    expect(new Set(ids).size).toBe(ids.length)
    for (const family of clothFamilies) {
      const f = factsOf(query({ family }))
      for (const rule of everyRule.filter((r) => r.when(f))) {
        const text = writeMessage(whyOf(rule, f))
        expect([rule.id, /^[A-Z0-9].*[.]$/.test(text), /!|undefined|NaN/.test(text)]).toEqual([rule.id, true, false])
      }
    }
  })

  it('name habits and choices that the house really has', () => {
    for (const plan of backings.filter((b) => b.habit)) {
      const question = habitQuestions.find((q) => q.id === plan.habit)!
      expect(question.choices.map((c) => c.value)).toContain(plan.choice)
    }
    for (const question of habitQuestions) {
      expect(question.choices.map((c) => c.value)).toContain(defaultHabits[question.id])
      expect(question.choices.length).toBeGreaterThanOrEqual(2)
    }
  })

  it('lay only what the stash has a name for', () => {
    for (const family of clothFamilies)
      for (const loadClass of ['light', 'dense'] as const) {
        const f = factsOf(query({ family }, { loadClass }))
        for (const plan of backings) for (const layer of plan.layers(f)) expect(layerNames[layer.kind]).toBeTruthy()
      }
  })
})

describe('the cloth table', () => {
  it.each([
    ['jersey', 160, 25, 0],
    ['pique', 210, 17.5, 0],
    ['terry', 475, 10, 3],
    ['canvas', 450, 0.5, 0],
  ] as const)('gives %s its middle values', (family, gsm, stretch, pile) => {
    const f = factsOf(query({ family }))
    expect([f.gsm, f.stretch, f.pile]).toEqual([gsm, stretch, pile])
  })

  it('gives way to what the worker knows', () => {
    const f = factsOf(query({ family: 'canvas', gsm: 300, stretchPercent: 12, heat: 'no', bruise: 'high' }))
    expect([f.heavy, f.stretchy, f.takesHeat, f.bruise]).toEqual([false, true, false, 'high'])
  })
})

describe('contrast', () => {
  it('is the CIEDE2000 difference to the farthest thread, and knows which is lighter', () => {
    // Black to white is 100 by definition of the scale's ends.
    const f = factsOf(
      query({ colour: '#000000' }, { topThread: { weight: 40, fibre: 'polyester', colours: ['#333333', '#ffffff'] } }),
    )
    expect(f.contrast).toBeCloseTo(100, 0)
    expect(f.lightOnDark).toBe(true)
    expect(
      factsOf(query({ colour: '#ffffff' }, { topThread: { weight: 40, fibre: 'polyester', colours: ['#000000'] } }))
        .lightOnDark,
    ).toBe(false)
  })
})

describe('steps and cautions', () => {
  const codes = (list: { code: string }[]): string[] => list.map((x) => x.code)
  const first = (q: RecipeQuery) => recommendRecipe(q).options[0]!

  it('put the spray, the iron and the infant’s caution where they apply, and only there', () => {
    const sprayed = recommendRecipe({ ...query(), habits: { ...defaultHabits, grip: 'spray' } }).options[0]!
    expect(codes(sprayed.cautions)).toContain('safe.spray')
    expect(codes(first(query()).cautions)).toContain('safe.iron')
    expect(codes(first(query({ family: 'twill' })).cautions)).toEqual([])
    expect(codes(first({ ...query(), use: { infant: true } }).cautions)).toContain('safe.infants')
    const clamp = { outsideWidthMm: 200, outsideHeightMm: 200, clamp: true }
    expect(codes(first({ ...query({ family: 'canvas' }), holding: 'clamped', ring: clamp }).cautions)).toContain(
      'safe.magnets',
    )
  })

  it('follow the stack off the machine: tearing, trimming by habit, film by its kind', () => {
    const trim = first(query()).finishing.find((f) => f.code === 'finish.cut-away')!.text
    expect(trim).toMatch(/6 to 12 mm/)
    const close = first({ ...query(), habits: { ...defaultHabits, trim: 'close-3' } }).finishing.find(
      (f) => f.code === 'finish.cut-away',
    )!.text
    expect(close).toMatch(/3 mm/)
    expect(codes(first(query({ family: 'twill' })).finishing)).toContain('finish.tear')
    expect(codes(first(query({ family: 'terry', colour: '#22262b' })).finishing)).toContain('finish.film-stays')
    expect(codes(first(query({ family: 'terry', colour: '#ffffff' })).finishing)).toContain('finish.film')
    expect(codes(first({ ...query(), cloth: { ...query().cloth, heat: 'no' } }).finishing)).toContain('finish.no-press')
  })

  it('check a hooped knit for stretch and a floated piece for grip', () => {
    expect(codes(first(query()).checks)).toContain('check.stretch')
    expect(codes(first(query({ family: 'terry' })).checks)).toEqual(
      expect.arrayContaining(['check.grip', 'check.topping']),
    )
  })
})
