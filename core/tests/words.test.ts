import { itemKinds, planPlacement, presetMeasures } from '@thimble/core/placement'
import { type Message, message } from '@thimble/core/messages'
import { writeName, writeMessage } from '@thimble/language'
import { defaultHabits } from '../src/habits'

describe('a sentence as data', () => {
  it('is the same in other units, and is written in them', () => {
    const said = message('was.design-by-size', { width: 50.8, height: 76.2 })
    expect([writeMessage(said), writeMessage(said, { unit: 'in' })]).toEqual([
      'a design 51 mm × 76 mm',
      'a design 2" × 3"',
    ])
    expect(JSON.parse(JSON.stringify(said))).toEqual(said)
  })

  it('may hold names that hold lengths', () => {
    const name: Message = ['was.design-by-size', { width: 25.4, height: 25.4 }]
    expect(writeMessage(['was.line', { line: name }], { unit: 'in' })).toBe('a line of its list: a design 1" × 1"')
    expect(writeName({ own: 'Ferry’s zip' })).toBe('Ferry’s zip')
  })

  it('of a newer version says that it is one', () => {
    expect(writeMessage(['step.by-laser', { far: 3 }])).toBe('Noted by a newer version of the program.')
  })
})

/** At its usual size here; at every one with `npm run endure`. */
const sizesOf = ({ sizes, usualSize }: (typeof itemKinds)[number]) =>
  process.env.THIMBLE_ENDURE ? sizes : sizes.filter(({ id }) => id === usualSize)

it('every item has words for all it says of every placement', () => {
  const style = { unit: 'mm' as const }
  for (const kind of itemKinds)
    for (const { id: size } of sizesOf(kind))
      for (const { id: placement, usual, choices = [] } of kind.placements)
        for (const choice of choices[0]?.choices ?? [null]) {
          const { steps, placed, copies, item } = planPlacement({
            ...{ kind, placement, measures: presetMeasures(kind, size), style, habits: defaultHabits },
            design: usual ?? { width: 40, height: 30 },
            choices: choice ? { [choices[0]!.id]: choice.id } : {},
          })
          const names = [...copies, ...item.zones, ...item.lines].map(({ name }) => writeName(name))
          const all = [writeMessage(placed, style), ...steps.map(({ said }) => writeMessage(said, style)), ...names]
          for (const words of all) expect(words).not.toMatch(/\?|undefined|newer version|[{}]|^[a-z]+\.[a-z-]+$/)
        }
})
