import { formatHex, parse } from 'culori'
import type { XmlNode } from './parseXml'
import type { Cascade, Style } from './style'

type Paint = { colour: string; alpha: number } | null

/** What is told once of a drawing, by its code. */
export type Tell = (code: string) => void
type Lookup = (id: string) => XmlNode | undefined

const UNKNOWN = '#808080'

/**
 * The colour a paint value comes to: `currentColor` by the style, a gradient by its first stop, a pattern by grey, both
 * told of. Null for none and for a colour nothing can be seen of.
 */
export function paintOf(value: string, style: Style, find: Lookup, cascade: Cascade, tell: Tell): Paint {
  const text = value.trim()
  if (text === 'none' || text === '') return null
  const server = /^url\(\s*["']?([^"')]*)["']?\s*\)\s*(.*)$/.exec(text)
  if (!server) return colourOf(text, style)
  const target = server[1]!.startsWith('#') ? find(server[1]!.slice(1)) : undefined
  if (target?.name === 'linearGradient' || target?.name === 'radialGradient') {
    tell('gradient')
    return firstStop(target, style, find, cascade)
  }
  if (server[2]) return paintOf(server[2], style, find, cascade, tell)
  if (target?.name === 'pattern') {
    tell('pattern')
    return { colour: UNKNOWN, alpha: 1 }
  }
  if (!server[1]!.startsWith('#')) tell('external')
  return null
}

function colourOf(text: string, style: Style): Paint {
  const named = /^currentcolor$/i.test(text) ? (style.color ?? '#000000') : text
  const colour = parse(named)
  if (!colour) return { colour: '#000000', alpha: 1 }
  return { colour: formatHex(colour), alpha: colour.alpha ?? 1 }
}

/** The first stop of a gradient that can be seen: one may begin with nothing and fade in. */
function firstStop(gradient: XmlNode, style: Style, find: Lookup, cascade: Cascade): Paint {
  const seen = new Set<XmlNode>()
  for (let node: XmlNode | undefined = gradient; node && !seen.has(node); ) {
    seen.add(node)
    const stops = node.children.filter((child) => child.name === 'stop')
    for (const stop of stops) {
      const own = cascade.styleOf([node, stop], style)
      const paint = colourOf(own['stop-color'] ?? '#000000', { ...style, color: own.color ?? style.color ?? '#000000' })
      const alpha = (paint?.alpha ?? 0) * opacityOf(own['stop-opacity'])
      if (paint && alpha > 0) return { ...paint, alpha }
    }
    if (stops.length > 0) return null
    const href: string = node.attributes.href ?? node.attributes['xlink:href'] ?? ''
    node = href.startsWith('#') ? find(href.slice(1)) : undefined
  }
  return null
}

/** A number or percentage from 0 to 1; 1 when it says nothing. */
export function opacityOf(text: string | undefined): number {
  const value = text === undefined ? 1 : text.trim().endsWith('%') ? parseFloat(text) / 100 : parseFloat(text)
  return Number.isNaN(value) ? 1 : Math.min(1, Math.max(0, value))
}
