import type { Message } from '../src/messages'
import { writeMessage } from '@thimble/language'
import { isDeepStrictEqual } from 'node:util'
import { habitQuestions, defaultHabits } from '@thimble/core/habits'
import {
  clothFamilies,
  factsOf,
  type Layer,
  layByHand,
  listLine,
  loadClasses,
  reasonOf,
  type RecipeQuery,
  recommendRecipe,
  stackLists,
  stackMisfits,
  stackMm,
} from '@thimble/core/recipe'
import { judgeStack, whatGetsWorse } from '@thimble/core/stackReview'

const cloth = (grip: Layer['grip']): Layer => ({ role: 'cloth', kind: 'cloth', sheets: 1, grip })
const backing = (kind: Layer['kind'], grip: Layer['grip'], over: Partial<Layer> = {}): Layer => ({
  ...{ role: 'backing' as const, kind, sheets: 1, grip },
  ...over,
})

describe('what no longer suits of a stack', () => {
  const hooped = { holding: 'hooped' as const, layers: [cloth('in-ring'), backing('cut-away-mesh', 'in-ring')] }
  const floated = { holding: 'floated' as const, layers: [cloth('sticky'), backing('tear-away-sticky', 'in-ring')] }
  const found = (...asked: Parameters<typeof stackMisfits>) => stackMisfits(...asked).map((m) => [m.misfit, m.layer])

  it('is nothing while it is held as it was made for', () => {
    expect([found(hooped, 'hooped'), found(floated, 'floated')]).toEqual([[], []])
  })

  it('is the cloth that would lie in the hoop, or on top of it, when the other is chosen', () => {
    expect(found(hooped, 'floated')).toEqual([['cloth-grip', 0]])
    expect(found(floated, 'hooped')).toEqual([['cloth-grip', 0]])
  })

  it('is the backing that has to lie loose when it is slid under, and in the hoop when the piece hangs on it', () => {
    expect(found(hooped, 'backing-under')).toEqual([['backing-grip', 1]])
    const under = { ...hooped, layers: [cloth('in-ring'), backing('tear-away-medium', 'loose')] }
    expect(found(under, 'floated')).toEqual([
      ['cloth-grip', 0],
      ['backing-grip', 1],
    ])
  })

  it('is a piece cut for a smaller hoop, whichever way round it was cut', () => {
    // The ring of 134 x 150 with 20 on each side needs 174 x 190.
    const ring = { outsideWidthMm: 134, outsideHeightMm: 150 }
    const cut = (widthMm: number, heightMm: number) => ({
      ...hooped,
      layers: [cloth('in-ring'), backing('cut-away-mesh', 'in-ring', { piece: { widthMm, heightMm } })],
    })
    expect([found(cut(174, 190), 'hooped', ring), found(cut(190, 174), 'hooped', ring)]).toEqual([[], []])
    expect(stackMisfits(cut(174, 180), 'hooped', ring)).toEqual([
      { misfit: 'short-piece', layer: 1, needs: { widthMm: 174, heightMm: 190 } },
    ])
  })
})

it('reasons and lines of lists that were kept by their ids say word for word what was advised', () => {
  const habits = habitQuestions.flatMap(({ id, choices }) => choices.map((c) => ({ ...defaultHabits, [id]: c.value })))
  // One house in three, another for each cloth; all of them with `npm run endure`.
  const every = process.env.THIMBLE_ENDURE ? 1 : 3
  const words = (said: Message | undefined): string => (said ? writeMessage(said) : 'none')
  let told = 0
  const otherwise: string[] = []
  const same = (what: string, now: unknown, then: unknown): unknown =>
    now === then || otherwise.push(`${what}: ${String(now)}`)
  for (const [n, family] of clothFamilies.entries())
    for (const loadClass of loadClasses)
      for (const shop of habits.filter((_, i) => (i + n) % every === 0)) {
        const query: RecipeQuery = {
          cloth: { family, colour: '#27406b' },
          work: {
            ...{ widthMm: 84, heightMm: 62, loadClass, kind: 'fill' },
            topThread: { weight: 40, fibre: 'polyester', colours: ['#fdfbf5'] },
          },
          ...{ use: { infant: true, laundering: 'daily' }, habits: shop },
        }
        const facts = factsOf(query)
        for (const option of recommendRecipe(query).options) {
          for (const { rule, said } of option.because) same(rule, words(reasonOf(rule, facts)?.said), words(said))
          same(option.tensionRule, words(reasonOf(option.tensionRule, facts)?.said), words(option.tension))
          const { checks, finishing } = stackLists(facts, option)
          for (const { code, said } of [...checks, ...finishing])
            same(code, words(listLine(code, facts, option)?.said), words(said))
          same('lists', isDeepStrictEqual([option.checks, option.finishing], [checks, finishing]), true)
          told++
        }
      }
  expect(otherwise).toEqual([])
  expect(told).toBeGreaterThan(1000 / every)
})

describe('a stack put together by hand', () => {
  const query = (over: Partial<RecipeQuery> = {}): RecipeQuery => ({
    cloth: { family: 'pique', colour: '#27406b' },
    work: {
      ...{ widthMm: 84, heightMm: 62, loadClass: 'light', kind: 'fill' },
      topThread: { weight: 40, fibre: 'polyester', colours: ['#fdfbf5'] },
    },
    ...{ use: {}, habits: defaultHabits, ring: { outsideWidthMm: 134, outsideHeightMm: 150 } },
    ...over,
  })
  const layer = (kind: Layer['kind'], role: Layer['role'] = 'backing', sheets = 1) => ({ role, kind, sheets })
  const onCloth = (...under: ReturnType<typeof layer>[]) => [layer('cloth', 'cloth'), ...under]
  const grips = (holding: 'hooped' | 'floated' | 'backing-under', ...under: ReturnType<typeof layer>[]) =>
    layByHand(query(), { holding, layers: onCloth(...under) }).layers.map((l) => `${l.kind} ${l.grip}`)
  const judged = (over: Partial<RecipeQuery>, holding: 'hooped' | 'floated', ...under: ReturnType<typeof layer>[]) =>
    judgeStack(factsOf(query(over)), layByHand(query(over), { holding, layers: onCloth(...under) }))
  const faults = (over: Partial<RecipeQuery>, holding: 'hooped' | 'floated', ...under: ReturnType<typeof layer>[]) =>
    judged(over, holding, ...under)
      .filter((j) => j.verdict === 'fault')
      .map((j) => [j.rule, j.severity])

  it('gives each layer the grip its own kind needs', () => {
    expect(grips('hooped', layer('cut-away-mesh-fusible'), layer('tear-away-light'))).toEqual([
      'cloth in-ring',
      'cut-away-mesh-fusible fused',
      'tear-away-light in-ring',
    ])
    expect(grips('floated', layer('cut-away-mesh'), layer('tear-away-sticky'))).toEqual([
      'cloth sprayed',
      'cut-away-mesh sprayed',
      'tear-away-sticky in-ring',
    ])
    expect(grips('floated', layer('cut-away-medium'))).toEqual(['cloth sprayed', 'cut-away-medium in-ring'])
    expect(grips('backing-under', layer('tear-away-medium'))).toEqual(['cloth in-ring', 'tear-away-medium loose'])
  })

  it('cuts the pieces, and lays topping above and cover below whatever the order', () => {
    const { layers } = layByHand(query(), {
      holding: 'hooped',
      layers: [
        layer('cover-soft-fusible', 'cover'),
        layer('cut-away-medium'),
        layer('cloth', 'cloth'),
        layer('wash-away-film', 'topping'),
      ],
    })
    // The ring with 20 a side; the design with 20 and with 12 a side.
    expect(layers.map((l) => [l.role, l.piece?.widthMm, l.piece?.heightMm])).toEqual([
      ['topping', 124, 102],
      ['cloth', undefined, undefined],
      ['backing', 174, 190],
      ['cover', 108, 86],
    ])
  })

  it('is judged: what would spoil the piece, what is too little, and what is good', () => {
    const tee = { cloth: { family: 'jersey' as const, colour: '#fdfbf5' } }
    const dense = { work: { ...query().work, loadClass: 'dense' as const } }
    expect(faults({ ...tee, ...dense }, 'hooped', layer('tear-away-medium', 'backing', 2))).toEqual([
      ['judge.dense-stretch', 'stop'],
    ])
    expect(faults(tee, 'hooped', layer('cut-away-medium'))).toEqual([['judge.patch-shows', 'caution']])
    expect(faults(dense, 'floated', layer('cut-away-medium', 'backing', 2))).toEqual([
      ['hold.no-float-dense-stretch', 'caution'],
    ])
    expect(
      faults({ cloth: { family: 'velvet-plush', colour: '#3a1f2b' } }, 'hooped', layer('tear-away-fusible')),
    ).toEqual([
      ['judge.fuse-no-heat', 'stop'],
      ['hold.ring-bruises', 'caution'],
      ['judge.knit-tears', 'caution'],
      ['judge.no-topping', 'caution'],
    ])
    expect(judged({}, 'hooped', layer('cut-away-medium')).map((j) => [j.rule, j.verdict])).toEqual([
      ['merit.stays', 'merit'],
      ['merit.carries', 'merit'],
    ])
  })

  it('says what a swap makes worse, and which layer it is', () => {
    const of = (kind: Layer['kind']) => judged({}, 'hooped', layer(kind))
    expect(whatGetsWorse(of('cut-away-medium'), of('tear-away-light')).map((j) => [j.rule, j.layers])).toEqual([
      ['judge.knit-tears', [1]],
    ])
    expect(whatGetsWorse(of('tear-away-light'), of('cut-away-medium'))).toEqual([])
  })

  it('counts what it lacks, and follows with needle, lists and finishing', () => {
    const built = layByHand(query({ stash: [] }), { holding: 'floated', layers: onCloth(layer('tear-away-sticky')) })
    expect(built.short.map((s) => s.kind)).toEqual(['tear-away-sticky'])
    expect([built.needle.coated, built.speedSpm]).toEqual([true, 600])
    expect(built.finishing.map((line) => line.code)).toContain('finish.tear')
    expect(built.checks.map((line) => line.code)).toContain('check.grip')
  })
})

it('the thickness under the needle is the cloth, its backings and its film, not the cover', () => {
  const layers = [
    { role: 'topping', kind: 'wash-away-film', sheets: 1 },
    { role: 'cloth', kind: 'cloth', sheets: 1 },
    { role: 'backing', kind: 'cut-away-medium', sheets: 2 },
    { role: 'cover', kind: 'cover-soft-fusible', sheets: 1 },
  ] as const
  // 0.05 + 0.7 + 2 x 0.4.
  expect(stackMm(layers, 0.7)).toBeCloseTo(1.55)
})
