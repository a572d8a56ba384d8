import { message } from '../../messages/message'
import { parse } from '@adobe/css-tools'
import { parse as parseSelector, type Selector, SelectorType } from 'css-what'
import { badSvg, type XmlNode } from './parseXml'

type Declaration = { property: string; value: string; important: boolean }
type Rule = { selector: Selector[]; weight: number; declarations: Declaration[] }

/** Declarations of a `style` attribute, or of a rule's body. */
export function declarationsOf(text: string): Declaration[] {
  return rulesOf(`*{${text.replace(/[{}]/g, '')}}`)[0]?.declarations ?? []
}

const MOST_RULES = 2000

/**
 * The rules of all style sheets, weakest first: by specificity, then as they stand. Media and imports are passed over.
 *
 * @throws CoreError('bad-svg') for more rules than any drawing needs
 */
export function styleRules(sheets: readonly string[]): Rule[] {
  const rules = sheets.flatMap(rulesOf)
  if (rules.length > MOST_RULES) throw badSvg(message('problem.more-than-style-rules-are', { one: MOST_RULES }))
  return rules.sort((a, b) => a.weight - b.weight)
}

function rulesOf(sheet: string): Rule[] {
  const { stylesheet } = parse(sheet, { silent: true })
  return stylesheet.rules.flatMap((rule) => {
    if (rule.type !== 'rule') return []
    const { selectors, declarations } = rule as unknown as {
      selectors: string[]
      declarations: { type: string; property?: string; value?: string }[]
    }
    const read = declarations.flatMap(({ type, property, value }) =>
      type === 'declaration' && property && value
        ? [
            {
              property: property.toLowerCase(),
              value: value.replace(/\s*!important\s*$/i, '').trim(),
              important: /!important\s*$/i.test(value),
            },
          ]
        : [],
    )
    return selectors.flatMap((selector) =>
      selectorsIn(selector).map((parts) => ({ selector: parts, weight: weightOf(parts), declarations: read })),
    )
  })
}

function selectorsIn(text: string): Selector[][] {
  try {
    return parseSelector(text)
  } catch {
    return []
  }
}

function weightOf(parts: readonly Selector[]): number {
  let weight = 0
  for (const part of parts) {
    if (part.type === SelectorType.Attribute) weight += part.name === 'id' && part.action === 'equals' ? 10_000 : 100
    else if (part.type === SelectorType.Pseudo) weight += 100
    else if (part.type === SelectorType.Tag) weight += 1
  }
  return weight
}

const MOST_STEPS = 3_000_000

/** Tells which rules mean an element, and how much of that is done for one drawing. */
export class RuleMatcher {
  #steps = 0

  /**
   * Whether a rule means the last of `path`, which runs from the root to the element.
   *
   * @throws CoreError('bad-svg') for rules that take too long to work out
   */
  matches({ selector }: Rule, path: readonly XmlNode[]): boolean {
    return this.#match(selector, selector.length - 1, path, path.length - 1)
  }

  #match(parts: readonly Selector[], last: number, path: readonly XmlNode[], at: number): boolean {
    if (last < 0) return true
    if (at < 0) return false
    if (++this.#steps > MOST_STEPS) throw badSvg(message('problem.its-style-rules-take-too'))
    for (let i = last; i >= 0; i--) {
      const part = parts[i]!
      if (part.type === SelectorType.Child) return this.#match(parts, i - 1, path, at - 1)
      if (part.type === SelectorType.Descendant) {
        for (let up = at - 1; up >= 0; up--) if (this.#match(parts, i - 1, path, up)) return true
        return false
      }
      if (!isMeant(part, path, at)) return false
    }
    return true
  }
}

// eslint-disable-next-line complexity -- one case for each kind of selector
function isMeant(part: Selector, path: readonly XmlNode[], at: number): boolean {
  const node = path[at]!
  if (part.type === SelectorType.Universal) return true
  if (part.type === SelectorType.Tag) return part.name === node.name
  if (part.type === SelectorType.Attribute) {
    const value = node.attributes[part.name]
    if (value === undefined) return false
    if (part.action === 'exists') return true
    if (part.action === 'element') return value.split(/\s+/).includes(part.value)
    if (part.action === 'equals') return value === part.value
    if (part.action === 'start') return value.startsWith(part.value)
    if (part.action === 'end') return value.endsWith(part.value)
    return part.action === 'any' && value.includes(part.value)
  }
  if (part.type !== SelectorType.Pseudo) return false
  const siblings = path[at - 1]?.children ?? [node]
  if (part.name === 'root') return at === 0
  if (part.name === 'first-child') return siblings[0] === node
  return part.name === 'last-child' && siblings.at(-1) === node
}
