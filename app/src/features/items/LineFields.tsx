import { Button } from '@rneui/themed'
import { View } from 'react-native'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { Section } from '@/ui/Section'
import type { LineText } from './itemDraft'
import type { ItemPart } from './ItemFormPage'

/** Lines of its own to measure from: a fold, a dart, a stripe. */
export function LineFields({ texts: { lines }, problems, unit, put }: ItemPart) {
  const change = (i: number, line: Partial<LineText>): void =>
    put({ lines: lines.map((l, at) => (at === i ? { ...l, ...line } : l)) })
  return (
    <Section title="Lines to measure from" says="Its edges and its middle are known; add a fold, a seam or a stripe.">
      {lines.map((line, i) => (
        <View key={i} style={{ gap: 8 }}>
          <View style={{ flexDirection: 'row', gap: 12 }}>
            <Field
              half
              label="Line"
              value={line.name}
              problem={problems[`lineName.${i}`]}
              onChange={(name) => change(i, { name: name.slice(0, 60) })}
            />
            <Field
              half
              label={line.axis === 'level' ? 'From the top' : 'From your left'}
              suffix={/[a-z"]/.test(line.at) ? undefined : unit}
              value={line.at}
              problem={problems[`line.${i}`]}
              onChange={(at) => change(i, { at: at.slice(0, 60) })}
            />
          </View>
          <View style={{ flexDirection: 'row', gap: 12, alignItems: 'flex-end', flexWrap: 'wrap' }}>
            <Choices
              label="It runs"
              choices={[
                { id: 'level', name: 'Level' },
                { id: 'upright', name: 'Up and down' },
              ]}
              value={line.axis}
              onChange={(axis) => change(i, { axis })}
            />
            <Button type="outline" title="Take off" onPress={() => put({ lines: lines.filter((_, at) => at !== i) })} />
          </View>
        </View>
      ))}
      <Button
        type="outline"
        title="Add a line"
        disabled={lines.length >= 12}
        onPress={() => put({ lines: [...lines, { name: '', axis: 'level', at: '' }] })}
      />
    </Section>
  )
}
