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
  3: 'Three edges make their own corners.',
  4: 'Upper and lower edge are level. The lengths decide how the sides lean.',
} as Record<number, string>
const FREE = 'Corners are right angles unless you say otherwise. Use a minus where the outline goes in.'

/** The outline: edges clockwise, the first along the top, with their corners where lengths alone do not settle them. */
export function EdgeFields({ form: { control }, problems, unit }: ItemPart) {
  const { fields, append, remove, insert } = useFieldArray({ control, name: 'edges' })
  const parts = useWatch({ control, name: 'edges' })
  const corners = asksCorners(parts)
  const { takeOff, putBack } = useTakeOff({ parts, remove, insert })
  return (
    <Section title="Edges" says={`Laid flat, clockwise from the upper left. ${says[fields.length] ?? FREE}`}>
      {fields.map(({ id }, i) => (
        <View key={id} style={{ flexDirection: 'row', gap: 12 }}>
          <FormLength
            half
            control={control}
            name={`edges.${i}.length`}
            label={`Edge ${i + 1}${i === 0 ? ', the upper' : ''}`}
            unit={unit}
            problem={problems[`edges.${i}.length`]}
          />
          {corners && i < fields.length - 1 ? (
            <FormField
              half
              big
              control={control}
              name={`edges.${i}.turn`}
              label="Corner after it"
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
            title="Add an edge"
            disabled={fields.length >= 24}
            onPress={() => append({ length: '', turn: '' }, { shouldFocus: false })}
          />
        </View>
        <View style={{ flex: 1 }}>
          <Button
            type="outline"
            title="Remove an edge"
            disabled={fields.length <= 3}
            onPress={() => takeOff(fields.length - 1)}
          />
        </View>
      </View>
      {putBack ? <Button type="outline" title="Undo" onPress={putBack} /> : null}
      <Text soft>Up to 24 edges. Use a few short ones for a curve.</Text>
    </Section>
  )
}
