import { settings as t } from '@thimble/language/en/settings'
import { useWatch } from 'react-hook-form'
import { FormChoices } from '@/forms/FormField'
import { patchShop } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { NameField } from '@/ui/NameField'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { currencies } from '@/words/moneyWords'
import { units } from './units'
import { useSettingsForm } from './useSettingsForm'

const fractions = [
  { id: '8', name: '1/8' },
  { id: '16', name: '1/16' },
  { id: '32', name: '1/32' },
]

/** What the shop is called, measures in and is paid in. */
export function ShopPage() {
  const name = useDocuments((s) => s.shop.name)
  const { control } = useSettingsForm()
  const unit = useWatch({ control, name: 'unit' })
  return (
    <Page title={t('shop')} back>
      <Section>
        <NameField slot="shop" name={name} onChange={(typed) => patchShop({ name: typed })} />
        <FormChoices control={control} name="unit" label={t('units')} choices={units} />
        {unit === 'in' ? (
          <>
            <FormChoices control={control} name="fraction" label={t('smallest-fraction')} choices={fractions} />
            <Text soft>{t('machine-moves-stay-in-millimetres')}</Text>
          </>
        ) : null}
        <FormChoices control={control} name="currency" label={t('currency')} choices={currencies} />
      </Section>
    </Page>
  )
}
