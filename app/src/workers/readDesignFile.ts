import { DesignFile } from '@thimble/contract'
import type { Design, PackedDesign, SummarisedDesign } from '@thimble/core/design'
import {
  asStitched,
  designStats,
  guessKind,
  MOST_FILE_BYTES,
  packDesign,
  readDesignSvg,
  readStitchCsv,
  summariseDesign,
  unpackDesign,
} from '@thimble/core/design/work'
import { CoreError } from '@thimble/core/errors'
import { upgradeDesignFile } from '@thimble/plan/upgradeDesignFile'

type Named = Pick<DesignFile['design'], 'name' | 'kind' | 'smallestLetterMm' | 'note' | 'change' | 'order'>
/** A file as it comes onto the shelf: what is known of the design, and the design packed when there is more than its size. */
export type ReadFile = Named & SummarisedDesign & { packed: PackedDesign | null }

type SizeOnly = Omit<SummarisedDesign, 'summary'> & { summary: null }

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

function fromDesign(name: string, design: Design): ReadFile {
  if (design.blocks.length > MOST_BLOCKS)
    throw new CoreError(
      'too-large',
      'More than 2,000 blocks of colour are not taken. Put those of one colour together where it was made.',
      'file',
    )
  const stats = designStats(design)
  const named = { name, kind: guessKind(design, stats), smallestLetterMm: null, note: '', ...noEdit }
  return { ...named, ...summariseDesign(design, stats), packed: packDesign(design) }
}

/** @throws CoreError('bad-file') with the place in the file */
function fromJson(text: string): ReadFile | (Named & SizeOnly & { packed: null }) {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    throw new CoreError('bad-file', 'The file is not whole JSON; it may have been cut short.', 'file')
  }
  const found = DesignFile.safeParse(upgradeDesignFile(value))
  if (!found.success) {
    const [issue] = found.error.issues
    const at = issue!.path.join('.')
    throw new CoreError('bad-file', `${at ? `At “${at}”: ` : ''}${issue!.message}`, at)
  }
  const { design, packed } = found.data
  const { name, kind, smallestLetterMm, note, change, order, width, height, stitches, colours } = design
  const named = { name, kind, smallestLetterMm, note, change, order }
  if (!packed) return { ...named, source: 'size', width, height, stitches, colours, summary: null, packed: null }
  return {
    ...named,
    ...summariseDesign(asStitched(unpackDesign(packed), { change, order, colours })),
    packed,
  }
}

/** @throws CoreError saying what is wrong with the file */
export function readDesignFile(
  name: string,
  bytes: Uint8Array,
  dropBackground = false,
): ReadFile | (Named & SizeOnly & { packed: null }) {
  if (bytes.length > MOST_FILE_BYTES)
    throw new CoreError(
      'too-large',
      `${(bytes.length / 1e6).toFixed(0)} MB is more than is read; a file may hold 10 MB.`,
      'file',
    )
  const text = decoded(bytes)
  const kind = kindOf(name, text)
  if (kind === 'json') return fromJson(text)
  return fromDesign(titleOf(name), kind === 'svg' ? readDesignSvg(text, { dropBackground }) : readStitchCsv(text))
}
