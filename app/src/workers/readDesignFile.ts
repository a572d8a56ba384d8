import { DesignFile } from '@thimble/contract'
import { guessKind } from '@thimble/core/design/guessKind'
import type { Design } from '@thimble/core/design/design'
import { MOST_FILE_BYTES } from '@thimble/core/design/design'
import { designStats } from '@thimble/core/design/designStats'
import { changeDesign } from '@thimble/core/design/edit/changeDesign'
import { reorderDesign } from '@thimble/core/design/edit/reorderDesign'
import { type PackedDesign, packDesign, unpackDesign } from '@thimble/core/design/packDesign'
import { readDesignSvg } from '@thimble/core/design/readDesignSvg'
import { readStitchCsv } from '@thimble/core/design/readStitchCsv'
import { type SummarisedDesign, summariseDesign } from '@thimble/core/design/summariseDesign'
import { CoreError } from '@thimble/core/errors'

export type Named = Pick<DesignFile['design'], 'name' | 'kind' | 'smallestLetterMm' | 'note' | 'change' | 'order'>
/** A file as it comes onto the shelf: what is known of the design, and its drawing when it has one. */
export type ReadFile = Named & SummarisedDesign & { drawing: PackedDesign | null }

export type SizeOnly = Omit<SummarisedDesign, 'summary'> & { summary: null }

const noEdit = { change: { scale: 1, rotate: 0, mirror: 'none' as const }, order: null }

/** Text by its byte order mark, or by what its XML says it is, or as UTF-8. */
function decoded(bytes: Uint8Array): string {
  const [a, b] = bytes
  if (a === 0xff && b === 0xfe) return new TextDecoder('utf-16le').decode(bytes)
  if (a === 0xfe && b === 0xff) return new TextDecoder('utf-16be').decode(bytes)
  const head = new TextDecoder('latin1').decode(bytes.subarray(0, 120))
  const said = /^<\?xml[^>]*encoding=["']([\w-]+)["']/.exec(head)?.[1]
  try {
    return new TextDecoder(said ?? 'utf-8').decode(bytes)
  } catch {
    return new TextDecoder().decode(bytes)
  }
}

type Kind = 'svg' | 'csv' | 'json'

function kindOf(name: string, text: string): Kind {
  const ending = /\.(svg|csv|json)$/i.exec(name)?.[1]?.toLowerCase()
  if (ending) return ending as Kind
  const start = text.slice(0, 200).trimStart()
  if (start.startsWith('<')) return 'svg'
  if (start.startsWith('{')) return 'json'
  if (/x_mm/i.test(start)) return 'csv'
  throw new CoreError(
    'unknown-file',
    'Only artwork (SVG), stitch lists (CSV) and this program’s own JSON are read.',
    'file',
  )
}

const titleOf = (name: string): string =>
  name
    .replace(/\.[a-z]{1,5}$/i, '')
    .replace(/[_\s]+/g, ' ')
    .trim()
    .slice(0, 120) || 'Design'

/** As many as a design on the shelf can keep. */
const MOST_BLOCKS = 2000

function fromDrawing(name: string, design: Design): ReadFile {
  if (design.blocks.length > MOST_BLOCKS)
    throw new CoreError(
      'too-large',
      'More than 2,000 blocks of colour are not taken. Put those of one colour together where it was made.',
      'file',
    )
  const stats = designStats(design)
  const named = { name, kind: guessKind(design, stats), smallestLetterMm: null, note: '', ...noEdit }
  return { ...named, ...summariseDesign(design, stats), drawing: packDesign(design) }
}

/** @throws CoreError('bad-file') with the place in the file */
function fromJson(text: string): ReadFile | (Named & SizeOnly & { drawing: null }) {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    throw new CoreError('bad-file', 'The file is not whole JSON; it may have been cut short.', 'file')
  }
  const found = DesignFile.safeParse(value)
  if (!found.success) {
    const [issue] = found.error.issues
    const at = issue!.path.join('.')
    throw new CoreError('bad-file', `${at ? `At “${at}”: ` : ''}${issue!.message}`, at)
  }
  const { design, drawing } = found.data
  const { name, kind, smallestLetterMm, note, change, order, width, height, stitches, colours } = design
  const named = { name, kind, smallestLetterMm, note, change, order }
  if (!drawing) return { ...named, source: 'size', width, height, stitches, colours, summary: null, drawing: null }
  return {
    ...named,
    ...summariseDesign(edited(unpackDesign(drawing as PackedDesign), { change, order, colours })),
    drawing: drawing as PackedDesign,
  }
}

export type Edits = Pick<DesignFile['design'], 'change' | 'order' | 'colours'>

/** The drawing as it is stitched: changed, in its order, in its colours. */
export function edited(design: Design, { change, order, colours }: Edits): Design {
  const ordered = order && order.length === design.blocks.length ? reorderDesign(design, order) : design
  const blocks = ordered.blocks.map((block, i) => ({ ...block, colour: colours[i] ?? block.colour }))
  const same = change.scale === 1 && change.rotate === 0 && change.mirror === 'none'
  return same ? { ...ordered, blocks } : changeDesign({ ...ordered, blocks }, change)
}

/** @throws CoreError saying what is wrong with the file */
export function readDesignFile(
  name: string,
  bytes: Uint8Array,
  dropBackground = false,
): ReadFile | (Named & SizeOnly & { drawing: null }) {
  if (bytes.length > MOST_FILE_BYTES)
    throw new CoreError(
      'too-large',
      `${(bytes.length / 1e6).toFixed(0)} MB is more than is read; a file may hold 10 MB.`,
      'file',
    )
  const text = decoded(bytes)
  const kind = kindOf(name, text)
  if (kind === 'json') return fromJson(text)
  return fromDrawing(titleOf(name), kind === 'svg' ? readDesignSvg(text, { dropBackground }) : readStitchCsv(text))
}
