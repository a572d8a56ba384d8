import { reading as t } from '@thimble/language/en/reading'
import type { Design, ReadSvgOptions } from '@thimble/core/design'
import { readDesignSvg, readStitchCsv } from '@thimble/core/design/work'
import { decodeText } from './decodeText'

/** A format designs come in. `startsLike`: whether bytes look like one; a file's ending is asked only where no bytes do. */
type DesignFormat = {
  ending: string
  /** As it is named where a file is none of them. */
  what: string
  startsLike: (bytes: Uint8Array) => boolean
  /** @throws CoreError saying what is wrong with the file */
  read: (bytes: Uint8Array, options: ReadSvgOptions) => Design
}

const HEAD_BYTES = 400
const startOf = (bytes: Uint8Array): string => decodeText(bytes.subarray(0, HEAD_BYTES)).trimStart().slice(0, 200)

/** The table of formats: a new one is its reader and a row here. */
const designFormats: readonly DesignFormat[] = [
  {
    ending: 'svg',
    what: t('artwork-svg'),
    startsLike: (bytes) => startOf(bytes).startsWith('<'),
    read: (bytes, options) => readDesignSvg(decodeText(bytes), options),
  },
  {
    ending: 'csv',
    what: t('stitch-lists-csv'),
    // A file of this program's own, which may say anything in its texts, begins with a brace.
    startsLike: (bytes) => /^[^{]*x_mm/i.test(startOf(bytes)),
    read: (bytes) => readStitchCsv(decodeText(bytes)),
  },
]

/**
 * The format of a file by its bytes, else by its ending; null where neither says.
 *
 * @example designFormat('rows.txt', new TextEncoder().encode('x_mm,y_mm,command,colour'))?.ending // 'csv'
 */
export function designFormat(name: string, bytes: Uint8Array): DesignFormat | null {
  const ending = /\.(\w+)$/.exec(name)?.[1]?.toLowerCase()
  return (
    designFormats.find(({ startsLike }) => startsLike(bytes)) ??
    designFormats.find((format) => format.ending === ending) ??
    null
  )
}

/** “artwork (SVG), stitch lists (CSV)”. */
export const formatsRead = (): string => designFormats.map(({ what }) => what).join(', ')
