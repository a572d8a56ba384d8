import { useState } from 'react'
import { deviceStorage } from '@/state/deviceStorage'

/**
 * Text that is being typed and cannot be sent yet (a half-written date, a name struck out): kept on the device under
 * `key` while it differs from what is stored, so that a reload finds it as it was.
 */
export function useDraftText(key: string, stored: string): [string, (text: string, isStored: boolean) => void] {
  const slot = `zt.typing.${key}`
  const [text, setText] = useState(() => deviceStorage.getItem(slot) ?? stored)
  const set = (next: string, isStored: boolean): void => {
    setText(next)
    try {
      if (isStored) deviceStorage.removeItem(slot)
      else deviceStorage.setItem(slot, next)
    } catch {
      // Without room it lives on the screen alone.
    }
  }
  return [text, set]
}
