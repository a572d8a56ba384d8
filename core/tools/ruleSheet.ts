import { causeRules } from '../src/faultCauses'
import type { Message } from '../src/messages'
import { en, writeMessage, labelOf } from '@thimble/language'
import { defaultHabits, habitChoices, type HouseHabits } from '@thimble/core/habits'
import {
  clothFamilies,
  type Facts,
  factsOf,
  holdingMethods,
  type RecipeQuery,
  recommendRecipe,
} from '@thimble/core/recipe'
import { backingRules } from '../src/recipe/backings'
import type { Condition } from '../src/recipe/condition'
import { amendments } from '../src/recipe/rules/amendments'
import { darkBacking } from '../src/recipe/rules/backingColour'
import { beforeStartRules } from '../src/recipe/rules/beforeStartRules'
import { cautionRules } from '../src/recipe/rules/cautionRules'
import { finishRules } from '../src/recipe/rules/finishRules'
import { holdingRules } from '../src/recipe/rules/holdingRules'
import { judgingRules } from '../src/stackReview/judgingRules'
import { needleRules } from '../src/recipe/rules/needleRules'
import { speedRules } from '../src/recipe/rules/speedRules'
import type { Stacked } from '../src/recipe/rules/stackRule'
import { bobbinRules, type Built, tensionRules, topThreadRules } from '../src/recipe/rules/threadRules'
import { otherToppings, toppingRules } from '../src/recipe/rules/toppingRules'

/** One rule as it is printed; the reason is worded for a piece it applies to. */
type Printed = { id: string; condition: string; decision: string; reason: string; habit?: string }
type Rule = { id: string; when: Condition<Built>; habit?: string; says?: (f: Built) => Message }

/** Pieces of every cloth in every school, with the stacks they come to and some that are put together badly. */
function samples(): Built[] {
  const houses: HouseHabits[] = Object.entries(habitChoices).flatMap(([habit, choices]) =>
    choices
      .filter((choice) => choice !== defaultHabits[habit as keyof HouseHabits])
      .map((choice) => ({ ...defaultHabits, [habit]: choice })),
  )
  return clothFamilies.flatMap((family) =>
    [defaultHabits, ...houses].flatMap((habits, i) =>
      works
        .filter((work, w) => i === 0 || (w + i) % 3 === 0 || work.over?.ringInside === false)
        .flatMap((work) => built(family, habits, work)),
    ),
  )
}

type Sample = {
  colour: string
  cloth?: Partial<RecipeQuery['cloth']>
  work: Partial<RecipeQuery['work']>
  use?: RecipeQuery['use']
  over?: Partial<RecipeQuery>
}
const clamp = { outsideWidthMm: 236, outsideHeightMm: 250, clamp: true, maxThicknessMm: 12 }
const works: Sample[] = [
  { colour: '#fdfbf5', work: { loadClass: 'light', kind: 'fill' } },
  { colour: '#22262b', work: { loadClass: 'medium', kind: 'satin' }, use: { nextToSkin: true, laundering: 'daily' } },
  { colour: '#fdfbf5', work: { loadClass: 'dense', kind: 'fill' }, use: { infant: true }, over: { ring: clamp } },
  { colour: '#fdfbf5', work: { kind: 'wording', colourCount: 1, smallestLetterMm: 5 }, use: { backSeen: true } },
  { colour: '#fdfbf5', work: { kind: 'applique' }, use: { toy: true }, over: { clothBeyondRing: 10 } },
  { colour: '#fdfbf5', work: { kind: 'line', loadClass: 'outline' }, over: { ringInside: false } },
  {
    colour: '#fdfbf5',
    work: { topThread: { weight: 12, fibre: 'polyester', colours: ['#203040'] } },
    over: { ring: { outsideWidthMm: 134, outsideHeightMm: 150, maxThicknessMm: 0.5 } },
  },
  { colour: '#fdfbf5', cloth: { stretchPercent: 7, gsm: 500 }, work: { loadClass: 'dense' } },
  { colour: '#fdfbf5', cloth: { gsm: 500 }, work: { loadClass: 'light' } },
  { colour: '#fdfbf5', cloth: { stretchPercent: 7 }, work: { loadClass: 'dense' } },
  { colour: '#fdfbf5', work: { kind: 'satin', topThread: { weight: 60, fibre: 'polyester', colours: ['#203040'] } } },
  { colour: '#22262b', work: {}, cloth: { traits: ['hide', 'nap', 'layers'], pileMm: 12 } },
  {
    colour: '#22262b',
    work: { topThread: { weight: 40, fibre: 'polyester', colours: ['#202020'] } },
    use: { noCover: true },
  },
  {
    colour: '#fdfbf5',
    work: { topThread: { weight: 40, fibre: 'metallic', colours: ['#203040'] } },
    over: { clothBeyondRing: -4 },
  },
]

function built(
  family: RecipeQuery['cloth']['family'],
  habits: HouseHabits,
  { colour, cloth, work, use = {}, over }: Sample,
): Built[] {
  const query: RecipeQuery = {
    cloth: { family, colour, ...cloth },
    work: {
      ...{ widthMm: 80, heightMm: 60, loadClass: 'light', kind: 'fill' },
      topThread: { weight: 40, fibre: 'polyester', colours: [colour === '#22262b' ? '#ffffff' : '#203040'] },
      ...work,
    },
    ...{ use, habits, ...over },
  }
  const facts: Facts = factsOf(query)
  const bare = { layers: [{ role: 'cloth' as const, kind: 'cloth' as const, sheets: 1, grip: 'in-ring' as const }] }
  const asked = recommendRecipe(query).options.map(
    (o): Built => ({
      ...{ ...facts, bobbin: o.bobbin, top: o.topThread },
      stack: { holding: o.holding, layers: o.layers, needle: o.needle },
    }),
  )
  const bad = badStacks.map(
    (layers): Built => ({
      ...{ ...facts, bobbin: { weight: 60, colour: 'white' }, top: facts.work.topThread },
      stack: { holding: 'hooped', layers: [...bare.layers, ...layers], needle: null },
    }),
  )
  const floated = bad.map((b) => ({ ...b, stack: { ...b.stack, holding: 'floated' as const } }))
  const held = holdingMethods.map((holding) => ({ ...bad[0]!, stack: { ...bad[0]!.stack, holding } }))
  return [...asked, ...bad, ...floated, ...held]
}

const backing = (kind: Stacked['stack']['layers'][number]['kind'], grip: 'in-ring' | 'fused' | 'loose') => ({
  ...{ role: 'backing' as const, kind, sheets: 1, grip },
})
const badStacks = [
  [],
  [backing('tear-away-light', 'in-ring')],
  [backing('tear-away-sticky', 'in-ring')],
  [backing('cut-away-mesh-fusible', 'fused')],
  [backing('cut-away-medium', 'loose'), backing('tear-away-sticky', 'in-ring')],
  [backing('cut-away-heavy', 'in-ring'), backing('cut-away-heavy', 'in-ring')],
  [backing('wash-away', 'in-ring'), { ...backing('heat-away-film', 'loose'), role: 'topping' as const }],
  [{ ...backing('permanent-film', 'loose'), role: 'topping' as const }],
]

/** The sentence of a rule that says the same of every piece. */
const sentenceOf = (id: string): string => [`why.${id}`, `do.${id}`].find((one) => one in en) ?? id

const print = (all: readonly Built[], rule: Rule, decision: string): Printed => {
  const found = all.find((f) => rule.when(f))
  const said = found && rule.says ? rule.says(found) : ([sentenceOf(rule.id)] as const)
  const reason = said[0] in en ? writeMessage(said) : ''
  return { id: rule.id, condition: rule.when.says, decision, reason, habit: rule.habit }
}

/** docs/rules.md: every rule of the recipe engine with its condition, what it decides, and its reason. */
export function ruleSheet(): string {
  const all = samples()
  const table = <R extends Rule>(title: string, says: string, rules: readonly R[], decision: (rule: R) => string) =>
    section(
      title,
      says,
      rules.map((rule) => print(all, rule, decision(rule))),
    )
  return (
    [
      '# The rules of the recipe engine',
      'Written from the tables in `core/src/recipe/rules` by `npm run rules`; a test holds it to them. Where a rule has words of its own for each piece, the reason is given for one it applies to.',
      table(
        'Holding',
        'Every rule that applies counts: a refusal stops a way of holding, what speaks against one puts it last with a caution, a liking adds to its rank.',
        holdingRules,
        (r) => `${r.method}: ${'refuses' in r ? 'refused' : 'against' in r ? 'against' : `+${r.likes}`}`,
      ),
      table(
        'Backing',
        'Ideas that apply are ranked by their worth and the house’s habits.',
        backingRules,
        (r) => `${r.decided} (${r.holdings.join(', ')})`,
      ),
      table(
        'What a stack is amended by',
        'In order, each once, where there is a backing.',
        amendments,
        (r) => r.decided,
      ),
      table('Colour of backing', '', [darkBacking], (r) => r.decided),
      table('Topping', 'The first that applies.', toppingRules, (r) => r.topping ?? 'none'),
      table(
        'Toppings of other schools',
        'Each that applies is offered too.',
        otherToppings,
        (r) => r.topping ?? 'none',
      ),
      table('Top thread', 'The first that applies.', topThreadRules, (r) =>
        r.id === 'thread.as-chosen' ? 'as chosen' : '60 wt',
      ),
      table('Needle', 'The first that applies.', needleRules, (r) => `${r.needle.size} ${r.needle.point}`),
      table('Bobbin', 'The first that applies.', bobbinRules, (r) => r.colour),
      table('Top tension', 'The first that applies.', tensionRules, () => 'as said'),
      table('Speed', 'The first that applies.', speedRules, (r) => `${r.spm} a minute`),
      table('Before the start', 'Every line that applies.', beforeStartRules, (r) => r.severity),
      table('Finishing', 'Every line that applies.', finishRules, (r) => r.severity),
      table('Cautions', 'Every line that applies.', cautionRules, (r) => r.severity),
      table('Judging a stack', 'Every one that applies; a recommended recipe has no fault.', judgingRules, (r) =>
        r.verdict === 'fault' ? r.severity : 'merit',
      ),
      causesSheet(),
    ].join('\n\n') + '\n'
  )
}

/** Why faults come: those that something speaks for come before the others, each lot in this order. */
function causesSheet(): string {
  const printed = causeRules.map(
    ({ id, fault, where, first, change }): Printed => ({
      id,
      condition:
        [where ? `where ${where.says}` : '', first ? `first with ${first.says}` : ''].filter(Boolean).join('; ') ||
        'always',
      decision: labelOf(`fault.${fault}`),
      reason: `${writeMessage([`cause.${id}`])} Try: ${writeMessage([`change.${change}`])}`,
    }),
  )
  return section('What went wrong', 'Of a fault those come first that something speaks for.', printed)
}

const cell = (text: string): string => text.replaceAll('|', '\\|')

function section(title: string, says: string, rules: readonly Printed[]): string {
  const rows = rules.map(
    ({ id, condition, decision, reason, habit }) =>
      `| \`${id}\` | ${cell(condition)} | ${cell(decision)}${habit ? ` (habit: ${habit})` : ''} | ${cell(reason)} |`,
  )
  return [
    `## ${title}`,
    ...(says ? ['', says] : []),
    '',
    '| rule | when | decides | reason |',
    '|---|---|---|---|',
    ...rows,
  ].join('\n')
}
