import { items as t } from '@thimble/language/en/items'
import { Button } from '@rneui/themed'
import { useFieldArray, useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { FormChoices, FormField, FormLength } from '@/forms/FormField'
import { useTakeOff } from '@/forms/useTakeOff'
import { Section } from '@/ui/Section'
import type { ItemPart } from './itemPart'

const ways = [
  { id: 'level', name: t('level') },
  { id: 'upright', name: t('up-and-down') },
] as const

/** Lines of its own to measure from: a fold, a dart, a stripe. */
export function LineFields({ form: { control }, problems, unit }: ItemPart) {
  const { fields, append, remove, insert } = useFieldArray({ control, name: 'lines' })
  const lines = useWatch({ control, name: 'lines' })
  const { takeOff, putBack } = useTakeOff({ parts: lines, remove, insert })
  return (
    <Section title={t('lines-to-measure-from')} says={t('edges-and-middle-are-known')}>
      {fields.map(({ id }, i) => (
        <View key={id} style={{ gap: 8 }}>
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <FormField
              half
              control={control}
              name={`lines.${i}.name`}
              label={t('line')}
              longest={60}
              problem={problems[`lines.${i}.name`]}
            />
            <FormLength
              half
              control={control}
              name={`lines.${i}.at`}
              label={lines[i]?.axis === 'upright' ? t('from-your-left') : t('from-the-top')}
              unit={unit}
              problem={problems[`lines.${i}.at`]}
            />
          </View>
          <View style={{ flexDirection: 'row', gap: 12, alignItems: 'flex-end', flexWrap: 'wrap' }}>
            <FormChoices control={control} name={`lines.${i}.axis`} label={t('direction')} choices={ways} />
            <Button type="outline" title={t('remove')} onPress={() => takeOff(i)} />
          </View>
        </View>
      ))}
      {putBack ? <Button type="outline" title={t('undo')} onPress={putBack} /> : null}
      <Button
        type="outline"
        title={t('add-a-line')}
        disabled={fields.length >= 12}
        onPress={() => append({ name: '', axis: 'level', at: '' }, { shouldFocus: false })}
      />
    </Section>
  )
}
