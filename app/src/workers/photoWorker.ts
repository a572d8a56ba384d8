import { exposeInWords } from './exposeInWords'
import { makePhoto } from './makePhoto'
import { keepPhoto } from './photoStore'

const photos = {
  /** Makes a photo of a file and keeps it on this device under `id`. Errors cross by their message alone. */
  async take(file: File, id: string): Promise<void> {
    await keepPhoto(id, await makePhoto(file))
  },
}

export type Photos = typeof photos

exposeInWords(photos)
