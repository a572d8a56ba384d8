import { type DefaultValues, type FieldValues, type Resolver, useForm, type UseFormReturn } from 'react-hook-form'
import { deviceStorage } from '@/state/deviceStorage'
import { likeBlank } from './likeBlank'
import { useEachValue } from './useEachValue'

const slotOf = (key: string): string => `zt.draft.${key}`

/** What was typed; what is of another make, as by an older version, is set aside and the form begins blank. */
function kept<Texts>(slot: string, blank: Texts): Partial<Texts> {
  const text = deviceStorage.getItem(slot)
  if (text === null) return {}
  const found = parsed(text)
  if (likeBlank(found, blank)) return found as Partial<Texts>
  try {
    deviceStorage.setItem(`${slot}.aside`, text)
    deviceStorage.removeItem(slot)
  } catch {
    // Without room it stays where it is, and is not looked at.
  }
  return {}
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return null
  }
}

export type DraftForm<Texts extends FieldValues, Doc extends FieldValues = Texts> = UseFormReturn<
  Texts,
  unknown,
  Doc
> & { forget: () => void }

/**
 * The base of every form: typed texts and their problems. Nothing is kept until the whole can be read; what was typed
 * stays either way, and survives a reload or a crash in the device's storage until it is forgotten.
 */
export function useDraftForm<Texts extends FieldValues, Doc extends FieldValues = Texts>(
  key: string,
  initial: Texts,
  resolver?: Resolver<Texts, unknown, Doc>,
): DraftForm<Texts, Doc> {
  const slot = slotOf(key)
  const form = useForm<Texts, unknown, Doc>({
    defaultValues: { ...initial, ...kept(slot, initial) } as DefaultValues<Texts>,
    ...(resolver ? { resolver } : {}),
  })
  useEachValue(form, (values) => {
    try {
      deviceStorage.setItem(slot, JSON.stringify(values))
    } catch {
      // Without room the draft lives on the screen alone.
    }
  })
  return { ...form, forget: () => deviceStorage.removeItem(slot) }
}
