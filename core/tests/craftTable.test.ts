import { byName } from './craft/namedCloths'
import { knitsAndPile } from './craft/knitsAndPile'
import { onAnyCloth } from './craft/onAnyCloth'
import { wrongIn } from './craft/question'
import { wovens } from './craft/wovens'

const table = [...wovens, ...knitsAndPile, ...onAnyCloth, ...byName]

it.each(table)('%s', (_, family, asked, truth) => {
  expect(wrongIn(family, asked, truth)).toEqual([])
})

it('has enough questions', () => expect(table.length).toBeGreaterThanOrEqual(120))
