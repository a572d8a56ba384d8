import { fileName, saveFile } from './saveFile'

/** `left`: the choice was closed again. */
export type Handed = 'shared' | 'saved' | 'left'

/**
 * Hands a sheet to the phone's own choice of where it goes, a printer or a message; where a browser has none, or the file is
 * better kept, it is saved.
 */
export async function shareFile(title: string, content: BlobPart): Promise<Handed> {
  const file = new File([content], `${fileName(title)}.pdf`, { type: 'application/pdf' })
  // A laptop has a folder of downloads, and a window to print from.
  const byHand = matchMedia('(pointer: coarse)').matches
  if (byHand && navigator.canShare?.({ files: [file] })) {
    try {
      await navigator.share({ files: [file], title })
      return 'shared'
    } catch (error) {
      if ((error as Error).name === 'AbortError') return 'left'
      // It took too long since the touch, or the phone would not: then it is saved.
    }
  }
  saveFile(title, 'pdf', content)
  return 'saved'
}
