import type { XmlNode } from './parseXml'
import { declarationsOf, RuleMatcher, styleRules } from './styleRules'

/** Properties in force on an element, by their names in SVG. */
export type Style = Readonly<Record<string, string>>

const inherited = new Set([
  'fill',
  'fill-opacity',
  'fill-rule',
  'clip-rule',
  'stroke',
  'stroke-opacity',
  'stroke-width',
  'stroke-linecap',
  'stroke-linejoin',
  'stroke-miterlimit',
  'stroke-dasharray',
  'stroke-dashoffset',
  'color',
  'visibility',
  'marker-start',
  'marker-mid',
  'marker-end',
])
const own = new Set([
  'display',
  'opacity',
  'clip-path',
  'mask',
  'filter',
  'overflow',
  'vector-effect',
  'transform',
  'stop-color',
  'stop-opacity',
])

export const firstStyle: Style = {
  fill: '#000000',
  'fill-opacity': '1',
  'fill-rule': 'nonzero',
  'clip-rule': 'nonzero',
  stroke: 'none',
  'stroke-opacity': '1',
  'stroke-width': '1',
  'stroke-linecap': 'butt',
  'stroke-linejoin': 'miter',
  'stroke-miterlimit': '4',
  'stroke-dasharray': 'none',
  'stroke-dashoffset': '0',
  color: '#000000',
  visibility: 'visible',
}

/** Works out styles as core.md section 7 orders them: attributes, then rules, then inline style; important ones last. */
export class Cascade {
  readonly #rules: ReturnType<typeof styleRules>
  readonly #matcher = new RuleMatcher()
  readonly #lines = new Map<string, ReturnType<typeof declarationsOf>>()

  constructor(sheets: readonly string[]) {
    this.#rules = styleRules(sheets)
  }

  /** @param path from the root to the element */
  styleOf(path: readonly XmlNode[], parent: Style): Style {
    const node = path.at(-1)!
    const style: Record<string, string> = {}
    for (const [property, value] of Object.entries(parent)) if (inherited.has(property)) style[property] = value
    const set = (property: string, value: string): void => {
      if (value === 'inherit') {
        if (parent[property] !== undefined) style[property] = parent[property]
      } else if (inherited.has(property) || own.has(property)) style[property] = value
      else if (property === 'marker') for (const end of ['start', 'mid', 'end']) style[`marker-${end}`] = value
    }
    for (const [name, value] of Object.entries(node.attributes)) if (name !== 'transform') set(name, value.trim())
    const declared = [
      ...this.#rules.filter((rule) => this.#matcher.matches(rule, path)).flatMap((rule) => rule.declarations),
      ...this.#inline(node.attributes.style),
    ]
    for (const { property, value, important } of declared) if (!important) set(property, value)
    for (const { property, value, important } of declared) if (important) set(property, value)
    return style
  }

  /** The same line of style stands on many elements, and is read once. */
  #inline(text: string | undefined): ReturnType<typeof declarationsOf> {
    if (!text) return []
    const known = this.#lines.get(text) ?? declarationsOf(text)
    this.#lines.set(text, known)
    return known
  }
}
