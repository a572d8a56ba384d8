import { reading as t } from '@thimble/language/en/reading'
import { type BlockRole, DesignFile } from '@thimble/contract'
import type { Design, OfPatch, PackedDesign, SummarisedDesign } from '@thimble/core/design'
import {
  asStitched,
  designStats,
  guessKind,
  MOST_FILE_BYTES,
  packDesign,
  summariseDesign,
  unpackDesign,
} from '@thimble/core/design/work'
import { CoreError } from '@thimble/core/errors'
import { upgradeDesignFile } from '@thimble/plan/upgradeDesignFile'
import { decodeText } from './decodeText'
import { designFormat, formatsRead } from './designFormats'

type Named = Pick<
  DesignFile['design'],
  'name' | 'kind' | 'smallestLetterMm' | 'smallLetterColours' | 'note' | 'change' | 'order' | 'apart' | 'roles'
>
/** A file as it comes onto the shelf: what is known of the design, and the design packed when there is more than its size. */
export type ReadFile = Named & SummarisedDesign & { packed: PackedDesign | null }

type SizeOnly = Omit<SummarisedDesign, 'summary'> & { summary: null }

const noEdit = { change: { scale: 1, rotate: 0, mirror: 'none' as const }, order: null, apart: [] }

/** This program's own file, of a design with its edits. */
const isOwn = (name: string, text: string): boolean => text.trimStart().startsWith('{') || /\.json$/i.test(name)

const titleOf = (name: string): string =>
  name
    .replace(/\.[a-z]{1,5}$/i, '')
    .replace(/[_\s]+/g, ' ')
    .trim()
    .slice(0, 120) || t('design')

/** As many as a design on the shelf can keep. */
const MOST_BLOCKS = 2000

function fromDesign(name: string, design: Design): ReadFile {
  if (design.blocks.length > MOST_BLOCKS) throw new CoreError('too-large', t('there-are-over-2-000'), 'file')
  const stats = designStats(design)
  const roles = design.blocks.map(roleOf)
  const kind = guessKind(design, stats)
  const named = {
    name,
    kind,
    smallestLetterMm: null,
    smallLetterColours: [],
    note: '',
    ...noEdit,
    roles: roles.some(Boolean) ? roles : [],
  }
  return { ...named, ...summariseDesign(design, stats), packed: packDesign(design) }
}

const roleOf = ({ patch, role, cutBeforehand = false }: OfPatch): BlockRole | null =>
  patch && role ? { patch, role, cutBeforehand } : null

/** @throws CoreError('bad-file') with the place in the file */
function fromJson(text: string): ReadFile | (Named & SizeOnly & { packed: null }) {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    throw new CoreError('bad-file', t('the-file-isnt-complete-json'), 'file')
  }
  const found = DesignFile.safeParse(upgradeDesignFile(value))
  if (!found.success) {
    const [issue] = found.error.issues
    const at = issue!.path.join('.')
    throw new CoreError('bad-file', `${at ? `At “${at}”: ` : ''}${issue!.message}`, at)
  }
  const { design, packed } = found.data
  const { name, kind, smallestLetterMm, smallLetterColours, note, change, order, apart, roles } = design
  const { width, height, stitches, colours } = design
  const named = { name, kind, smallestLetterMm, smallLetterColours, note, change, order, apart, roles }
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
    throw new CoreError('too-large', t('mb-is-too-large-the', { bytes: (bytes.length / 1e6).toFixed(0) }), 'file')
  const format = designFormat(name, bytes)
  if (format) return fromDesign(titleOf(name), format.read(bytes, { dropBackground }))
  const text = decodeText(bytes)
  if (isOwn(name, text)) return fromJson(text)
  throw new CoreError('unknown-file', t('only-and-this-programs-own', { formatsRead: formatsRead() }), 'file')
}
