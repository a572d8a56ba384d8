import { items as t } from '@thimble/language/en/items'
import { Button } from '@rneui/themed'
import { useFieldArray, useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { FormField, FormLength } from '@/forms/FormField'
import { useTakeOff } from '@/forms/useTakeOff'
import { FieldProblem } from '@/ui/FieldProblem'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { asksCorners } from './itemDraft'
import type { ItemPart } from './itemPart'

const says = {
  3: t('three-edges-make-their-own'),
  4: t('upper-and-lower-edge-are'),
} as Record<number, string>
const FREE = t('corners-are-right-angles-unless')

/** The outline: edges clockwise, the first along the top, with their corners where lengths alone do not settle them. */
export function EdgeFields({ form: { control }, problems, unit }: ItemPart) {
  const { fields, append, remove, insert } = useFieldArray({ control, name: 'edges' })
  const parts = useWatch({ control, name: 'edges' })
  const corners = asksCorners(parts)
  const { takeOff, putBack } = useTakeOff({ parts, remove, insert })
  return (
    <Section title={t('edges')} says={t('laid-flat-clockwise-from-the', { says: says[fields.length] ?? FREE })}>
      {fields.map(({ id }, i) => (
        <View key={id} style={{ flexDirection: 'row', gap: 12 }}>
          <FormLength
            half
            control={control}
            name={`edges.${i}.length`}
            label={t('edge', { i: i + 1, which: i === 0 ? t('the-upper') : '' })}
            unit={unit}
            problem={problems[`edges.${i}.length`]}
          />
          {corners && i < fields.length - 1 ? (
            <FormField
              half
              big
              control={control}
              name={`edges.${i}.turn`}
              label={t('corner-after-it')}
              suffix="°"
              placeholder="90"
              longest={10}
              problem={problems[`edges.${i}.turn`]}
            />
          ) : null}
        </View>
      ))}
      {problems.edges ? <FieldProblem id="edges">{problems.edges}</FieldProblem> : null}
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <View style={{ flex: 1 }}>
          <Button
            type="outline"
            title={t('add-an-edge')}
            disabled={fields.length >= 24}
            onPress={() => append({ length: '', turn: '' }, { shouldFocus: false })}
          />
        </View>
        <View style={{ flex: 1 }}>
          <Button
            type="outline"
            title={t('remove-an-edge')}
            disabled={fields.length <= 3}
            onPress={() => takeOff(fields.length - 1)}
          />
        </View>
      </View>
      {putBack ? <Button type="outline" title={t('undo')} onPress={putBack} /> : null}
      <Text soft>{t('up-to-24-edges-use')}</Text>
    </Section>
  )
}
