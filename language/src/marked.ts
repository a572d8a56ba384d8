import { type Model, parseMessage } from 'messageformat'

const LETTERS = 'aàbƀcçdđeéfƒgĝhĥiîjĵkķlļmɱnñoöpþqɋrŕsštţuûvṽwŵxẋyýzž'
const accents = new Map(
  Array.from({ length: 26 }, (_, i): [string, string] => [LETTERS[i * 2]!, LETTERS[i * 2 + 1]!]).flatMap(
    ([plain, accented]) => [
      [plain, accented],
      [plain.toUpperCase(), accented.toUpperCase()],
    ],
  ) as [string, string][],
)
const LONGER = 'ẋéŵö'

/**
 * A text of no language: each letter with an accent, and a third longer, as other languages are. What stays without on a
 * screen was not said by this room.
 *
 * @example marked('New piece') // 'Ñéŵ þîéçéẋéŵ'
 */
export function marked(text: string): string {
  const letters = [...text].filter((letter) => accents.has(letter)).length
  const more = letters < 3 ? '' : LONGER.repeat(letters).slice(0, Math.round(letters / 3))
  const [, said, end] = /^(.*?)([\s.,:;…?!]*)$/s.exec(text)!
  return [...said!].map((letter) => accents.get(letter) ?? letter).join('') + more + end
}

type Pattern = Extract<Model.Message, { type: 'message' }>['pattern']

/** A message whose own words are marked; what fills its slots stays. */
export function markedMessage(text: string): Model.Message {
  const inside = (pattern: Pattern): Pattern => pattern.map((part) => (typeof part === 'string' ? marked(part) : part))
  const model = parseMessage(text)
  return model.type === 'message'
    ? { ...model, pattern: inside(model.pattern) }
    : { ...model, variants: model.variants.map((one) => ({ ...one, value: inside(one.value) })) }
}
