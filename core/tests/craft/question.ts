import { recommendRecipe, type RecipeQuery } from '../../src'
import { defaultHabits, type HouseHabits } from '../../src/habits'
import type { ClothFamily } from '../../src/recipe'

/** What a piece is, as short as it can be said: cloth, design, use, house, ring. */
type Asked = {
  cloth?: Partial<RecipeQuery['cloth']>
  work?: Partial<RecipeQuery['work']>
  thread?: Partial<RecipeQuery['work']['topThread']>
  use?: RecipeQuery['use']
  house?: Partial<HouseHabits>
  holding?: RecipeQuery['holding']
  ring?: RecipeQuery['ring']
}
/** `is`: said or laid in the first recipe; `not`: nowhere in it; `any`: in one of those offered; `before`: which step first. */
type Truth = { is?: RegExp[]; not?: RegExp[]; any?: RegExp[]; before?: [RegExp, RegExp][] }

const PALE = '#e8e2d4'
export const [NAVY, WHITE] = ['#1d2740', '#ffffff']

function told(family: ClothFamily, { cloth, work, thread, use = {}, house, holding, ring }: Asked): string[][] {
  const { options } = recommendRecipe({
    cloth: { family, colour: PALE, ...cloth },
    work: {
      ...{ widthMm: 80, heightMm: 60, loadClass: 'light', kind: 'fill', ...work },
      topThread: { weight: 40, fibre: 'polyester', colours: ['#b3322e'], ...thread },
    },
    use,
    habits: { ...defaultHabits, ...house },
    ...(holding ? { holding } : {}),
    ...(ring ? { ring } : {}),
  })
  return options.map((o) => [
    `held ${o.holding}`,
    ...o.layers.map((l) => `layer ${l.sheets} ${l.kind} ${l.grip}${l.crossed ? ' crossed' : ''}`),
    `needle ${o.needle.size} ${o.needle.point}${o.needle.coated ? ' coated' : ''}`,
    `bobbin ${o.bobbin.weight} ${o.bobbin.colour}`,
    `thread ${o.topThread.weight}`,
    `speed ${o.speedSpm}`,
    ...(o.byColour ?? []).map((c) => `alone ${c.colour} ${c.weight} ${c.needle.size} at ${c.speedSpm}`),
    ...(o.against ? [`against: ${o.against.text}`] : []),
    ...o.because.map(({ text }) => text),
    ...o.cautions.map(({ text }) => text),
    ...o.checks.map(({ text }) => text),
    ...o.finishing.map(({ text }) => text),
  ])
}

export const dense = { loadClass: 'dense' } as const
export const medium = { loadClass: 'medium' } as const
export const words = (mm: number) => ({ kind: 'wording', smallestLetterMm: mm }) as const
export const [stays, tears] = [/^layer \d (cut-away|interfacing)/, /^layer \d tear-away/]
export const [film, cover] = [/^layer 1 .*-film/, /^layer 1 cover/]
export const pinned = /^(?!.*no (pin|basting)).*\b(bast|pin(s|ned)? (its|outside|through))/i
export const hot = /medium iron|warm iron/
export const infants = /no loose trims, ribbons, buttons or pins.*flammability.*sleepwear/i

export type Question = readonly [string, ClothFamily, Asked, Truth]

/** What is wrong with the answer, and the answer; nothing where all holds. */
export function wrongIn(
  family: ClothFamily,
  asked: Asked,
  { is = [], not = [], any = [], before = [] }: Truth,
): unknown[] {
  const options = told(family, asked)
  const [first] = options
  const wrong = [
    ...is.filter((one) => !first!.some((line) => one.test(line))).map((one) => `missing ${one}`),
    ...not.flatMap((one) => first!.filter((line) => one.test(line)).map((line) => `says “${line}”`)),
    ...any.filter((one) => !options.flat().some((line) => one.test(line))).map((one) => `not offered ${one}`),
    ...before
      .filter(([a, b]) => {
        const [i, j] = [first!.findIndex((line) => a.test(line)), first!.findIndex((line) => b.test(line))]
        return i < 0 || j < 0 || i > j
      })
      .map(([a, b]) => `${a} is not before ${b}`),
  ]
  return wrong.length > 0 ? [wrong, first] : []
}
