import { type Message, message } from '../../messages/message'
import { SaxesParser } from 'saxes'
import { CoreError } from '../../errors'

/** An element as written, its SVG prefix taken off; `text` is what stands directly in it. */
export type XmlNode = { name: string; attributes: Record<string, string>; children: XmlNode[]; text: string }

const MOST_DEPTH = 200
const MOST_ELEMENTS = 100_000

export const badSvg = (says: Message, path = 'file'): CoreError => new CoreError('bad-svg', says, path)

/**
 * Reads well-formed XML into a tree. Entities of a file's own are refused before anything is read, so that none can be
 * blown up; nothing is fetched, nothing is run.
 *
 * @throws CoreError('bad-svg')
 */
export function parseXml(text: string): XmlNode {
  if (/<!ENTITY/i.test(text)) throw badSvg(message('problem.the-file-uses-xml-entities'))
  const parser = new SaxesParser({ position: true })
  const open: XmlNode[] = []
  let root: XmlNode | null = null
  let elements = 0
  parser.on('error', (error) => {
    throw badSvg(
      message('problem.the-file-is-not-well', {
        replace: error.message.replace(/^(\d+):\d+: /, 'line $1: ').replace(/\.$/, ''),
      }),
    )
  })
  parser.on('opentag', ({ name, attributes }) => {
    if (++elements > MOST_ELEMENTS) throw badSvg(message('problem.the-drawing-has-over-100'))
    if (open.length >= MOST_DEPTH) throw badSvg(message('problem.groups-nested-more-than-deep', { one: MOST_DEPTH }))
    const node: XmlNode = { name, attributes: attributes as Record<string, string>, children: [], text: '' }
    if (open.length > 0) open.at(-1)!.children.push(node)
    else root = node
    open.push(node)
  })
  const addText = (part: string): void => {
    const node = open.at(-1)
    if (node) node.text += part
  }
  parser.on('text', addText)
  parser.on('cdata', addText)
  parser.on('closetag', () => void open.pop())
  parser.write(text.replace(/^\uFEFF/, '')).close()
  if (!root) throw badSvg(message('problem.this-is-not-an-svg'))
  return withoutPrefix(root)
}

/** SVG elements may carry a prefix of the file's choice; others keep theirs and are passed over. */
function withoutPrefix(root: XmlNode): XmlNode {
  const prefix = /^(.+):svg$/.exec(root.name)?.[1]
  if (!prefix) return root
  const strip = (node: XmlNode): void => {
    if (node.name.startsWith(`${prefix}:`)) node.name = node.name.slice(prefix.length + 1)
    node.children.forEach(strip)
  }
  strip(root)
  return root
}
