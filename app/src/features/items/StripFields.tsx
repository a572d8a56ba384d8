import { Button } from '@rneui/themed'
import { View } from 'react-native'
import { Field } from '@/ui/Field'
import { Section } from '@/ui/Section'
import type { StripText } from './itemDraft'
import type { ItemPart } from './ItemFormPage'

/** Strips along edges where nothing may be sewn: hems, seams, bindings. */
export function StripFields({ texts: { strips, edges }, problems, unit, put }: ItemPart) {
  const change = (i: number, strip: Partial<StripText>): void =>
    put({ strips: strips.map((s, at) => (at === i ? { ...s, ...strip } : s)) })
  return (
    <Section title="Strips kept free" says="Hems, seams and bindings along its edges, where nothing may be sewn.">
      {strips.map((strip, i) => (
        <View key={i} style={{ gap: 8 }}>
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <Field
              half
              label="Along edge"
              keyboard="numeric"
              value={strip.edge}
              problem={problems[`stripEdge.${i}`]}
              onChange={(edge) => change(i, { edge: edge.slice(0, 4) })}
            />
            <Field
              half
              label="How deep"
              suffix={/[a-z"]/.test(strip.depth) ? undefined : unit}
              value={strip.depth}
              problem={problems[`strip.${i}`]}
              onChange={(depth) => change(i, { depth: depth.slice(0, 60) })}
            />
          </View>
          <Button type="outline" title="Take off" onPress={() => put({ strips: strips.filter((_, at) => at !== i) })} />
        </View>
      ))}
      <Button
        type="outline"
        title="Add a strip"
        disabled={strips.length >= 24}
        onPress={() => put({ strips: [...strips, { edge: String((strips.length % edges.length) + 1), depth: '' }] })}
      />
    </Section>
  )
}
