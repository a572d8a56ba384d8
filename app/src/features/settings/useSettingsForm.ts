import type { Patch, Shop } from '@thimble/contract'
import { useForm, type UseFormReturn } from 'react-hook-form'
import { useEachValue } from '@/forms/useEachValue'
import { patchShop } from '@/sync/changes'
import { useDocuments } from '@/state/store'

type Choices = Pick<Shop, 'unit' | 'theme' | 'habits' | 'currency'> & { fraction: string; keys: 'on' | 'off' }
export type SettingsForm = UseFormReturn<Choices>

const changeOf = ({ unit, theme, habits, currency, fraction, keys }: Choices, name: string): Patch<Shop> => {
  const [key, habit] = name.split('.')
  if (key === 'unit') return { unit }
  if (key === 'keys') return { singleKeys: keys === 'on' }
  if (key === 'theme') return { theme }
  if (key === 'currency') return { currency }
  if (key === 'fraction') return { fraction: Number(fraction) as Shop['fraction'] }
  return { habits: { [habit!]: habits[habit as keyof Shop['habits']] } }
}

/** Settings are kept as they are picked, and follow what another device picks. */
export function useSettingsForm(): SettingsForm {
  const { unit, theme, habits, currency, fraction, singleKeys } = useDocuments((s) => s.shop)
  const keys = singleKeys ? 'on' : 'off'
  const form = useForm<Choices>({ values: { unit, theme, habits, currency, fraction: String(fraction), keys } })
  useEachValue(form, (values, name) => patchShop(changeOf(values, name)))
  return form
}
