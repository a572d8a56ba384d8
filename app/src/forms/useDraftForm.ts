import { type DefaultValues, type FieldValues, type Resolver, useForm, type UseFormReturn } from 'react-hook-form'
import { deviceStorage } from '@/state/deviceStorage'
import { useEachValue } from './useEachValue'

const slotOf = (key: string): string => `zt.draft.${key}`

function kept<Texts>(slot: string): Partial<Texts> {
  try {
    return JSON.parse(deviceStorage.getItem(slot) ?? '{}') as Partial<Texts>
  } catch {
    return {}
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
    defaultValues: { ...initial, ...kept<Texts>(slot) } as DefaultValues<Texts>,
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
