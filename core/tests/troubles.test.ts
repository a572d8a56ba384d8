import { factsOf, type RecipeQuery } from '@thimble/core/recipe'
import { faultIds } from '@thimble/core/outcomes'
import { type Afterwards, causeRules, likelyCauses } from '@thimble/core/faultCauses'
import { troubleChange, troubleChanges } from '@thimble/core/suggestedChanges'
import { defaultHabits } from '../src/habits'

const query = (cloth: RecipeQuery['cloth'], over: Partial<RecipeQuery['work']> = {}): RecipeQuery => ({
  cloth,
  work: {
    ...{ widthMm: 80, heightMm: 60, loadClass: 'medium', kind: 'fill' },
    topThread: { weight: 40, fibre: 'polyester', colours: ['#ffffff'] },
    ...over,
  },
  use: {},
  habits: defaultHabits,
})

type Sewn = Partial<Omit<Afterwards, 'stack'>> & { stack?: Partial<Afterwards['stack']> }

/** A piece after it was sewn: hooped over two sheets of tear-away, all of the list ticked, unless said otherwise. */
function sewn(asked: RecipeQuery, { stack, ...over }: Sewn = {}): Afterwards {
  const cloth = { role: 'cloth', kind: 'cloth', sheets: 1, grip: 'in-ring' } as const
  const under = { role: 'backing', kind: 'tear-away-medium', sheets: 2, grip: 'in-ring' } as const
  return {
    ...factsOf(asked),
    stack: { holding: 'hooped', layers: [cloth, under], needle: { size: '75/11', point: 'embroidery' }, ...stack },
    ...{ bobbin: { weight: 90, colour: 'white' }, speedSpm: 600, tension: 'as-advised', skipped: [] },
    ...{ pulledPercent: null, looked: true, turned: false, needleMinutes: 30, needleStrikes: 0 },
    ...over,
  }
}

const tee = query({ family: 'jersey', colour: '#22344a' })
const twill = query({ family: 'twill', colour: '#22344a' })
const firstOf = (...of: Parameters<typeof likelyCauses>): string => likelyCauses(...of)[0]!.id
const idsOf = (...of: Parameters<typeof likelyCauses>): string[] => likelyCauses(...of).map(({ id }) => id)

describe('what went wrong', () => {
  it('every fault has causes in order, whatever was used, each with a change that is known', () => {
    for (const asked of [tee, twill, query({ family: 'terry', colour: '#ffffff' }, { loadClass: 'dense' })])
      for (const holding of ['hooped', 'floated', 'clamped', 'backing-under'] as const)
        for (const fault of faultIds) {
          const causes = likelyCauses(fault, sewn(asked, { stack: { holding } }))
          expect([fault, causes.length > 0]).toEqual([fault, true])
          expect(causes.map(({ likely }) => likely)).toEqual(
            causes
              .map(({ likely }) => likely)
              .sort()
              .reverse(),
          )
          expect(new Set(causes.map(({ id }) => id)).size).toBe(causes.length)
        }
    const advised = new Set<string>(causeRules.map(({ change }) => change))
    expect(Object.keys(troubleChanges).filter((id) => !advised.has(id))).toEqual([])
    expect(troubleChange('of-a-newer-version')).toBeNull()
  })

  it('a floated knit that puckers hears of floating first, a hooped one of stretching, a woven of neither', () => {
    expect(firstOf('puckering', sewn(tee, { stack: { holding: 'floated' } }))).toBe('puckering.floated')
    expect(firstOf('puckering', sewn(tee))).toBe('puckering.pulled')
    expect(idsOf('puckering', sewn(twill))).toEqual(['puckering.backing', 'puckering.dense', 'puckering.tension'])
    expect(firstOf('puckering', sewn(twill, { pulledPercent: 4 }))).toBe('puckering.pulled')
    expect(firstOf('puckering', sewn(twill, { tension: 'tightened' }))).toBe('puckering.tension')
  })

  it('what was skipped, worn or turned comes to the front with its reason', () => {
    const [needle] = likelyCauses('needle-breaks', sewn(twill, { skipped: ['check.trace'] }))
    expect(needle).toMatchObject({ id: 'needle.ring', because: 'it wasn’t traced', change: { id: 'trace' } })
    expect(firstOf('thread-breaks', sewn(twill, { needleMinutes: 500 }))).toBe('breaks.old')
    expect(
      firstOf(
        'thread-breaks',
        sewn(
          query(
            { family: 'twill', colour: '#22344a' },
            { topThread: { weight: 12, fibre: 'polyester', colours: ['#ffffff'] } },
          ),
        ),
      ),
    ).toBe('breaks.small')
    expect(firstOf('placed-off', sewn(twill, { looked: false }))).toBe('placed.marks')
    expect(firstOf('placed-off', sewn(twill, { turned: true, skipped: ['start.move'] }))).toBe('placed.turned')
    expect(firstOf('nest', sewn(twill, { skipped: ['check.ring'] }))).toBe('nest.latch')
    expect(firstOf('loops-on-top', sewn(twill, { tension: 'eased' }))).toBe('loops.eased')
    expect(firstOf('sewn-in', sewn(twill, { skipped: ['check.under'] }))).toBe('sewn-in.felt')
  })

  it('stitches sink for want of a topping; with one on, for the ground', () => {
    const towel = query(
      { family: 'terry', colour: '#ffffff' },
      { topThread: { weight: 40, fibre: 'polyester', colours: ['#1f2d38'] } },
    )
    const film = { role: 'topping', kind: 'wash-away-film', sheets: 1, grip: 'loose' } as const
    expect(likelyCauses('sinking', sewn(towel))[0]).toMatchObject({ id: 'sinking.bare', change: { id: 'film' } })
    const topped = sewn(towel)
    const causes = idsOf('sinking', { ...topped, stack: { ...topped.stack, layers: [film, ...topped.stack.layers] } })
    expect(causes[0]).toBe('sinking.ground')
    expect(causes).not.toContain('sinking.bare')
  })

  it('a point that is no ballpoint made the hole in a knit, and never one in a woven', () => {
    expect(idsOf('hole', sewn(tee))[0]).toBe('hole.sharp')
    expect(idsOf('hole', sewn(twill))).not.toContain('hole.sharp')
  })
})
