import { type HouseHabits, type RecipeOption, type RecipeQuery, recommendRecipe } from '../src'
import { defaultHabits } from '../src/habits'
import { clothFamilies } from '../src/recipe'

const ask = (over: {
  cloth?: Partial<RecipeQuery['cloth']>
  work?: Partial<RecipeQuery['work']>
  use?: RecipeQuery['use']
  habits?: Partial<HouseHabits>
  holding?: RecipeQuery['holding']
  ring?: RecipeQuery['ring']
  stash?: RecipeQuery['stash']
}) =>
  recommendRecipe({
    cloth: { family: 'pique', colour: '#27406b', ...over.cloth },
    work: {
      widthMm: 84,
      heightMm: 62,
      loadClass: 'light',
      kind: 'fill',
      topThread: { weight: 40, fibre: 'polyester', colours: ['#fdfbf5'] },
      ...over.work,
    },
    use: over.use ?? {},
    habits: { ...defaultHabits, ...over.habits },
    ...(over.holding ? { holding: over.holding } : {}),
    ...(over.ring ? { ring: over.ring } : {}),
    ...(over.stash ? { stash: over.stash } : {}),
  })
const best = (over: Parameters<typeof ask>[0]): RecipeOption => ask(over).options[0]!
const stack = (o: RecipeOption): string =>
  o.layers.map((l) => `${l.kind}${l.sheets > 1 ? ` x${l.sheets}` : ''}`).join(' / ')
const kinds = (o: RecipeOption): string[] => o.layers.filter((l) => l.role === 'backing').map((l) => l.kind)

describe('what a practitioner would do', () => {
  it.each([
    [
      'a light badge on a polo: cut-away that stays, ballpoint, no topping',
      {},
      'hooped',
      'cloth / cut-away-mesh-fusible',
      '75/11 ballpoint',
    ],
    [
      'a pale thin tee: fused mesh, tear-away under it, no patch',
      { cloth: { family: 'jersey', colour: '#ffffff' } },
      'hooped',
      'cloth / cut-away-mesh-fusible / tear-away-light',
      '75/11 ballpoint',
    ],
    [
      'a bath towel: floated, fused and sticky tear-away, film on top',
      { cloth: { family: 'terry', colour: '#ffffff' }, work: { loadClass: 'medium' } },
      'floated',
      'wash-away-film / cloth / tear-away-fusible / tear-away-sticky',
      '75/11 embroidery',
    ],
    [
      'a twill apron, dense: two tear-aways',
      { cloth: { family: 'twill', colour: '#e8e2d4' }, work: { loadClass: 'dense' } },
      'hooped',
      'cloth / tear-away-medium x2',
      '75/11 embroidery',
    ],
    [
      'heavy duck: cut-away in the hoop, sharp',
      { cloth: { family: 'canvas', colour: '#4f5b4a' } },
      'hooped',
      'cloth / cut-away-medium',
      '75/11 sharp',
    ],
    [
      'a christening gown: fused part-soluble, finest needle, covered',
      { cloth: { family: 'lawn', colour: '#ffffff' }, use: { infant: true, heirloom: true } },
      'hooped',
      'cloth / part-soluble-fusible / cover-soft-fusible',
      '65/9 sharp',
    ],
    [
      'a velvet drape that hardly gives: pressed on sticky, film on top, no iron',
      { cloth: { family: 'velvet-plush', colour: '#3a1f2b', stretchPercent: 2 }, use: {} },
      'floated',
      'permanent-film / cloth / tear-away-sticky',
      '75/11 embroidery',
    ],
    [
      'a pale infant romper: fused mesh, tear-away under it, a cover',
      { cloth: { family: 'infant-jersey', colour: '#fdfbf5' }, use: { infant: true } },
      'hooped',
      'cloth / cut-away-mesh-fusible / tear-away-light / cover-soft-fusible',
      '70/10 ballpoint',
    ],
    [
      'a linen runner: fused part-soluble',
      { cloth: { family: 'linen', colour: '#e8e2d4' } },
      'hooped',
      'cloth / part-soluble-fusible',
      '75/11 embroidery',
    ],
    [
      'polar fleece: cut-away that no iron holds, film on top',
      { cloth: { family: 'polar-fleece', colour: '#27406b' } },
      'hooped',
      'permanent-film / cloth / cut-away-medium',
      '75/11 ballpoint',
    ],
    [
      'a vinyl pouch: pressed on sticky tear-away, sharp',
      { cloth: { family: 'coated', colour: '#3b3b3b', gsm: 400 } },
      'floated',
      'cloth / tear-away-sticky',
      '75/11 sharp',
    ],
    [
      'organza: wash-away alone',
      { cloth: { family: 'organza', colour: '#ffffff' } },
      'hooped',
      'cloth / wash-away',
      '65/9 sharp',
    ],
    [
      'a waffle robe: floated on a sticky carrier with mesh that stays',
      { cloth: { family: 'waffle', colour: '#27406b', stretchPercent: 8 }, use: { nextToSkin: true } },
      'floated',
      'permanent-film / cloth / cut-away-mesh-fusible / tear-away-sticky',
      '75/11 embroidery',
    ],
  ] as const)('%s', (_, over, holding, layers, needle) => {
    const o = best(over as never)
    expect([o.holding, stack(o), `${o.needle.size} ${o.needle.point}`]).toEqual([holding, layers, needle])
  })

  it('takes permanent film where pale thread meets dark loops, and wash-away where it does not', () => {
    expect(best({ cloth: { family: 'terry', colour: '#22262b' } }).layers[0]!.kind).toBe('permanent-film')
    expect(
      best({
        cloth: { family: 'terry', colour: '#ffffff' },
        work: { topThread: { weight: 40, fibre: 'polyester', colours: ['#1f2d38'] } },
      }).layers[0]!.kind,
    ).toBe('wash-away-film')
  })

  it('lets small letters and thread size move the needle', () => {
    const letters = best({ work: { kind: 'wording', smallestLetterMm: 5 } })
    expect([letters.needle.size, letters.layers[0]!.kind]).toEqual(['70/10', 'wash-away-film'])
    expect(best({ work: { topThread: { weight: 12, fibre: 'polyester', colours: ['#ffffff'] } } }).needle.size).toBe(
      '100/16',
    )
    expect(best({ work: { topThread: { weight: 40, fibre: 'metallic', colours: ['#ffffff'] } } })).toMatchObject({
      needle: { size: '90/14', point: 'large-eye' },
      speedSpm: 450,
    })
  })

  it('sizes the pieces: hoop and 20 mm a side in the hoop, design and 40 under, 20 for film, 12 for the cover', () => {
    const o = best({
      cloth: { family: 'terry', colour: '#ffffff' },
      use: { nextToSkin: true },
      ring: { outsideWidthMm: 134, outsideHeightMm: 150 },
    })
    expect(
      Object.fromEntries(o.layers.filter((l) => l.piece).map((l) => [l.kind, [l.piece!.widthMm, l.piece!.heightMm]])),
    ).toEqual({
      'wash-away-film': [124, 102],
      'cut-away-mesh-fusible': [164, 142],
      'tear-away-sticky': [174, 190],
      'cover-soft-fusible': [108, 86],
    })
  })

  it('says what the stash is short of', () => {
    const ring = { outsideWidthMm: 134, outsideHeightMm: 150 }
    const stash = [{ kind: 'cut-away-mesh-fusible', widthMm: 160, lengthMm: 900 }]
    expect(best({ ring, stash }).short).toEqual([
      { kind: 'cut-away-mesh-fusible', need: 'Fusible cut-away mesh: no piece of 174 mm by 190 mm.' },
    ])
    expect(best({ ring, stash: [{ ...stash[0]!, widthMm: 180 }] }).short).toEqual([])
  })

  it('takes two sheets from two pieces, whether off one roll or of one pile', () => {
    const twill = {
      cloth: { family: 'twill' as const, colour: '#e8e2d4' },
      work: { loadClass: 'dense' as const },
      // 134 + 2 x 20 by 150 + 2 x 20.
      ring: { outsideWidthMm: 134, outsideHeightMm: 150 },
    }
    const need = (line: { widthMm: number; lengthMm: number; sheets?: number }) =>
      best({ ...twill, stash: [{ kind: 'tear-away-medium', ...line }] }).short.map((s) => s.need)
    const oneOfTwo = ['Medium tear-away: 1 of 2 pieces of 174 mm by 190 mm.']
    expect(need({ widthMm: 180, lengthMm: 379 })).toEqual(oneOfTwo)
    expect(need({ widthMm: 180, lengthMm: 380 })).toEqual([])
    expect([
      need({ widthMm: 180, lengthMm: 200, sheets: 1 }),
      need({ widthMm: 180, lengthMm: 200, sheets: 2 }),
    ]).toEqual([oneOfTwo, []])
  })
})

describe('house habits', () => {
  it.each([
    ['knits', 'float', {}, (o: RecipeOption) => o.holding === 'floated'],
    [
      'grip',
      'spray',
      {},
      (o: RecipeOption) => o.layers.some((l) => l.grip === 'sprayed') && kinds(o)[0] === 'cut-away-medium',
    ],
    ['topping', 'always', {}, (o: RecipeOption) => o.layers[0]!.kind === 'wash-away-film'],
    [
      'layers',
      'always-two',
      {},
      (o: RecipeOption) => o.layers.filter((l) => l.role === 'backing').reduce((n, l) => n + l.sheets, 0) === 2,
    ],
    [
      'heavyDuckBacking',
      'none',
      { cloth: { family: 'canvas', colour: '#444444' } },
      (o: RecipeOption) => kinds(o).length === 0,
    ],
    [
      'heavyNeedle',
      'start-90',
      { cloth: { family: 'canvas', colour: '#444444' } },
      (o: RecipeOption) => o.needle.size === '90/14',
    ],
    [
      'toppingKind',
      'heat-away',
      { cloth: { family: 'terry', colour: '#ffffff' } },
      (o: RecipeOption) => o.layers[0]!.kind === 'heat-away-film',
    ],
  ] as const)('%s: %s comes first, and is named as the reason', (habit, choice, over, holds) => {
    const o = best({ ...(over as object), habits: { [habit]: choice } })
    expect(holds(o)).toBe(true)
    expect(o.because.map((b) => b.habit)).toContain(habit)
  })

  it('offers the other school too, marked with its habit', () => {
    const washed = ask({ use: { laundering: 'daily' } }).options.find((o) => kinds(o).includes('wash-away'))
    expect(ask({}).options.map((o) => o.holding)).toEqual(expect.arrayContaining(['hooped', 'floated']))
    expect(washed!.because.map((b) => [b.rule, b.habit])).toContainEqual(['back.knit-dissolves', 'wearableBacking'])
  })
})

it.each([
  [{ cloth: { colour: 'mauvish' } }, 'bad-colour', 'cloth.colour'],
  [{ cloth: { thicknessMm: NaN } }, 'bad-cloth', 'cloth.thicknessMm'],
  [{ cloth: { pileMm: -1 } }, 'bad-cloth', 'cloth.pileMm'],
  [{ cloth: { heat: 'warm' as 'yes' } }, 'bad-cloth', 'cloth.heat'],
  [{ work: { widthMm: Infinity } }, 'bad-work', 'work'],
  [{ work: { smallestLetterMm: 0 } }, 'bad-work', 'work.smallestLetterMm'],
  [{ ring: { outsideWidthMm: NaN, outsideHeightMm: 150 } }, 'bad-ring', 'ring'],
  [{ ring: { outsideWidthMm: 134, outsideHeightMm: 150, maxThicknessMm: NaN } }, 'bad-ring', 'ring.maxThicknessMm'],
] as const)('names the field of what it cannot read: %j', (over, code, path) => {
  expect(() => ask(over as Parameters<typeof ask>[0])).toThrow(expect.objectContaining({ code, path }))
})

it('is the same every time', () => {
  for (const family of clothFamilies) {
    const over = { cloth: { family, colour: '#e8e2d4' } }
    expect(ask(JSON.parse(JSON.stringify(over)) as typeof over)).toEqual(ask(over))
  }
})

describe('what other practitioners do with the same piece is among the options', () => {
  const has = (over: Parameters<typeof ask>[0], test: (o: RecipeOption) => boolean): boolean =>
    ask(over).options.some(test)
  const under = (o: RecipeOption, ...wanted: string[]): boolean => kinds(o).join('+') === wanted.join('+')

  it.each([
    [
      'a polo with one firm cut-away, sprayed',
      { work: { loadClass: 'medium' } },
      (o: RecipeOption) => o.holding === 'hooped' && under(o, 'cut-away-medium'),
    ],
    [
      'a polo floated, so that no hoop marks it',
      { work: { loadClass: 'medium' } },
      (o: RecipeOption) => o.holding === 'floated' && kinds(o).includes('tear-away-sticky'),
    ],
    [
      'a polo with film on top, for crisper edges',
      { work: { loadClass: 'medium' } },
      (o: RecipeOption) => o.layers[0]!.kind === 'wash-away-film',
    ],
    [
      'a dense badge on a tee over two crossed cut-aways',
      { cloth: { family: 'jersey', colour: '#27406b' }, work: { loadClass: 'dense' } },
      (o: RecipeOption) => o.layers.some((l) => l.kind === 'cut-away-medium' && l.sheets === 2 && l.crossed === true),
    ],
    [
      'a light towel on sticky tear-away alone, basted',
      { cloth: { family: 'terry', colour: '#ffffff' } },
      (o: RecipeOption) => under(o, 'tear-away-sticky') && o.layers.find((l) => l.role === 'cloth')!.grip === 'basted',
    ],
    [
      'a towel hooped over tear-away',
      { cloth: { family: 'terry', colour: '#ffffff' } },
      (o: RecipeOption) => o.holding === 'hooped' && under(o, 'tear-away-medium'),
    ],
    [
      'one-colour wording on a towel with the backing slid under',
      {
        cloth: { family: 'terry', colour: '#ffffff' },
        work: { kind: 'wording', colourCount: 1 },
        holding: 'backing-under',
      },
      (o: RecipeOption) =>
        o.holding === 'backing-under' && o.layers.some((l) => l.grip === 'loose' && l.role === 'backing'),
    ],
    [
      'a washed-daily apron over cut-away',
      { cloth: { family: 'twill', colour: '#e8e2d4' }, use: { laundering: 'daily' } },
      (o: RecipeOption) => under(o, 'cut-away-medium'),
    ],
    [
      'heavy duck hooped with none',
      { cloth: { family: 'canvas', colour: '#4f5b4a' } },
      (o: RecipeOption) => o.holding === 'hooped' && kinds(o).length === 0,
    ],
    [
      'a light tote of thinner canvas over tear-away',
      { cloth: { family: 'canvas', colour: '#e8e2d4', gsm: 320 } },
      (o: RecipeOption) => under(o, 'tear-away-medium'),
    ],
    [
      'a sheer with wash-away alone',
      { cloth: { family: 'lawn', colour: '#ffffff' } },
      (o: RecipeOption) => under(o, 'wash-away'),
    ],
    [
      'a thick roll of canvas between magnets',
      {
        cloth: { family: 'canvas', colour: '#4f5b4a', thicknessMm: 5 },
        ring: { outsideWidthMm: 236, outsideHeightMm: 250, clamp: true, maxThicknessMm: 4 },
      },
      (o: RecipeOption) => o.holding === 'clamped',
    ],
  ] as const)('%s', (_, over, test) => {
    expect(has(over as never, test)).toBe(true)
  })

  it('is never more than five ways, the shop’s own first, no two alike', () => {
    for (const family of clothFamilies) {
      const { options } = ask({ cloth: { family, colour: '#e8e2d4' } })
      expect(options.length).toBeGreaterThanOrEqual(2)
      expect(options.length).toBeLessThanOrEqual(5)
      expect(new Set(options.map((o) => `${o.holding} ${stack(o)} ${o.layers.map((l) => l.grip).join()}`)).size).toBe(
        options.length,
      )
      expect(options.map((o) => o.score)).toEqual([...options.map((o) => o.score)].sort((a, b) => b - a))
    }
  })
})
