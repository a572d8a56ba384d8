import { items as t } from '@thimble/language/en/items'
import { Button } from '@rneui/themed'
import { useFieldArray, useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { FormField, FormLength } from '@/forms/FormField'
import { useTakeOff } from '@/forms/useTakeOff'
import { Section } from '@/ui/Section'
import type { ItemPart } from './itemPart'

/** Strips along edges where nothing may be sewn: hems, seams, bindings. */
export function StripFields({ form: { control }, problems, unit }: ItemPart) {
  const { fields, append, remove, insert } = useFieldArray({ control, name: 'strips' })
  const edges = useWatch({ control, name: 'edges' }).length
  const parts = useWatch({ control, name: 'strips' })
  const { takeOff, putBack } = useTakeOff({ parts, remove, insert })
  return (
    <Section title={t('edges-to-keep-free')} says={t('hems-seams-and-bindings-where')}>
      {fields.map(({ id }, i) => (
        <View key={id} style={{ gap: 8 }}>
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <FormField
              half
              control={control}
              name={`strips.${i}.edge`}
              label={t('along-edge')}
              keyboard="numeric"
              longest={4}
              problem={problems[`strips.${i}.edge`]}
            />
            <FormLength
              half
              control={control}
              name={`strips.${i}.depth`}
              label={t('how-deep')}
              unit={unit}
              problem={problems[`strips.${i}.depth`]}
            />
          </View>
          <Button type="outline" title={t('remove')} onPress={() => takeOff(i)} />
        </View>
      ))}
      {putBack ? <Button type="outline" title={t('undo')} onPress={putBack} /> : null}
      <Button
        type="outline"
        title={t('add-a-strip')}
        disabled={fields.length >= 24}
        onPress={() => append({ edge: String((fields.length % edges) + 1), depth: '' }, { shouldFocus: false })}
      />
    </Section>
  )
}
