import { countText } from '@thimble/language'
import { reading as t } from '@thimble/language/en/reading'
import { imageSize } from 'image-size'

/** What is said of a picture that is not taken. */
export class NoPhoto extends Error {}

const MOST_BYTES = 60_000_000
/** Millions of points that are opened: four times a good phone’s. */
const MOST_MEGAPIXELS = 64
const MOST_SIDE = 1600
const QUALITY = 0.82

/**
 * Looks at a file before anything opens it: what kind it is, and how large it would be.
 *
 * @throws NoPhoto with a sentence for the person
 */
export function requirePicture(name: string, bytes: Uint8Array): { type: string } {
  if (bytes.byteLength > MOST_BYTES)
    throw new NoPhoto(t('has-mb-a-photo-may', { name, round: Math.round(bytes.byteLength / 1e6) }))
  const found = sizeOf(bytes)
  if (!found?.type || found.type === 'svg') throw new NoPhoto(t('isnt-a-photo-use-a', { name }))
  const megapixels = (found.width * found.height) / 1e6
  if (megapixels > MOST_MEGAPIXELS)
    throw new NoPhoto(
      t('would-open-to-million-points', {
        name,
        round: countText(Math.round(megapixels)),
        one: MOST_MEGAPIXELS,
      }),
    )
  return { type: found.type }
}

function sizeOf(bytes: Uint8Array): ReturnType<typeof imageSize> | null {
  try {
    return imageSize(bytes)
  } catch {
    return null
  }
}

const apple = new Set(['heic', 'heif', 'avif'])

/** How large a picture becomes that is drawn no larger than a phone shows. */
export function fitSide(width: number, height: number): { width: number; height: number } {
  const k = Math.min(1, MOST_SIDE / Math.max(width, height))
  return { width: Math.max(1, Math.round(width * k)), height: Math.max(1, Math.round(height * k)) }
}

/**
 * A photo as it is kept: turned as it is meant, made smaller, and redrawn, so that nothing is left of what the file
 * said beside its picture.
 *
 * @throws NoPhoto
 */
export async function makePhoto(file: File): Promise<Blob> {
  const { type } = requirePicture(file.name, new Uint8Array(await file.arrayBuffer()))
  const picture = await open(file, type)
  const { width, height } = fitSide(picture.width, picture.height)
  const canvas = new OffscreenCanvas(width, height)
  const pen = canvas.getContext('2d')!
  // What a PNG leaves open is paper.
  pen.fillStyle = '#ffffff'
  pen.fillRect(0, 0, width, height)
  pen.drawImage(picture, 0, 0, width, height)
  picture.close()
  return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY })
}

async function open(file: File, type: string): Promise<ImageBitmap> {
  try {
    return await createImageBitmap(file, { imageOrientation: 'from-image' })
  } catch {
    throw new NoPhoto(
      apple.has(type)
        ? t('this-browser-cannot-open-a', { name: file.name, toUpperCase: type.toUpperCase() })
        : t('is-damaged-and-cant-be', { name: file.name }),
    )
  }
}
