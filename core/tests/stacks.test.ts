import { habitQuestions } from '@thimble/core/habits'
import {
  clothFamilies,
  factsOf,
  type Layer,
  listLine,
  loadClasses,
  reasonOf,
  type RecipeQuery,
  recommendRecipe,
  stackLists,
  stackMisfits,
} from '@thimble/core/recipe'
import { defaultHabits } from '../src'

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

  it('is the cloth that would lie in the ring, or on top of it, when the other is chosen', () => {
    expect(found(hooped, 'floated')).toEqual([['cloth-grip', 0]])
    expect(found(floated, 'hooped')).toEqual([['cloth-grip', 0]])
  })

  it('is the backing that has to lie loose when it is slid under, and in the ring when the piece hangs on it', () => {
    expect(found(hooped, 'backing-under')).toEqual([['backing-grip', 1]])
    const under = { ...hooped, layers: [cloth('in-ring'), backing('tear-away-medium', 'loose')] }
    expect(found(under, 'floated')).toEqual([
      ['cloth-grip', 0],
      ['backing-grip', 1],
    ])
  })

  it('is a piece cut for a smaller ring, whichever way round it was cut', () => {
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
  let told = 0
  for (const family of clothFamilies)
    for (const loadClass of loadClasses)
      for (const shop of habits) {
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
          for (const { rule, text } of option.because) expect(reasonOf(rule, facts)?.text).toBe(text)
          expect(reasonOf(option.tensionRule, facts)?.text).toBe(option.tension)
          const { checks, finishing } = stackLists(facts, option)
          for (const { code, text } of [...checks, ...finishing]) expect(listLine(code, facts, option)?.text).toBe(text)
          expect([option.checks, option.finishing]).toEqual([checks, finishing])
          told++
        }
      }
  expect(told).toBeGreaterThan(1000)
})
