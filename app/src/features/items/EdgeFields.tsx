import { Button } from '@rneui/themed'
import { View } from 'react-native'
import { Field } from '@/ui/Field'
import { FieldProblem } from '@/ui/FieldProblem'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { asksCorners, type EdgeText } from './itemDraft'
import type { ItemPart } from './ItemFormPage'

const says = {
  3: 'Three edges make their own corners.',
  4: 'The upper and the lower edge lie level; how the sides lean follows from the lengths.',
} as Record<number, string>

/** The outline: edges clockwise, the first along the top, with their corners where lengths alone do not settle them. */
export function EdgeFields({ texts: { edges }, problems, unit, put }: ItemPart) {
  const corners = asksCorners(edges)
  const change = (i: number, edge: Partial<EdgeText>): void =>
    put({ edges: edges.map((e, at) => (at === i ? { ...e, ...edge } : e)) })
  return (
    <Section
      title="Its edges"
      says={`Laid flat, going round clockwise from the upper left. ${says[edges.length] ?? 'Corners are right angles unless you say otherwise; turn less than nothing where the outline goes in.'}`}
    >
      {edges.map((edge, i) => (
        <View key={i} style={{ flexDirection: 'row', gap: 12 }}>
          <Field
            half
            big
            label={`Edge ${i + 1}${i === 0 ? ', the upper' : ''}`}
            suffix={/[a-z"]/.test(edge.length) ? undefined : unit}
            value={edge.length}
            problem={problems[`edge.${i}`]}
            onChange={(length) => change(i, { length: length.slice(0, 60) })}
          />
          {corners && i < edges.length - 1 ? (
            <Field
              half
              big
              label="Corner after it"
              suffix="°"
              value={edge.turn}
              placeholder="90"
              problem={problems[`turn.${i}`]}
              onChange={(turn) => change(i, { turn: turn.slice(0, 10) })}
            />
          ) : null}
        </View>
      ))}
      {problems.edges ? <FieldProblem id="edges">{problems.edges}</FieldProblem> : null}
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <View style={{ flex: 1 }}>
          <Button
            type="outline"
            title="One more edge"
            disabled={edges.length >= 24}
            onPress={() => put({ edges: [...edges, { length: '', turn: '' }] })}
          />
        </View>
        <View style={{ flex: 1 }}>
          <Button
            type="outline"
            title="One less"
            disabled={edges.length <= 3}
            onPress={() => put({ edges: edges.slice(0, -1) })}
          />
        </View>
      </View>
      <Words soft>Up to 24 edges; a curve goes as a few short ones.</Words>
    </Section>
  )
}
