import type { Piece } from '@thimble/contract'
import { View } from 'react-native'
import { readNumber, readTyped } from '@/plan/readTyped'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { LengthField } from '@/ui/LengthField'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { FaultPicker } from './FaultPicker'
import { layerDetail, layerName } from './recipeWords'
import { useChosenRecipe } from './useChosenRecipe'
import type { PieceTools } from './usePiece'
import { StackSheet } from './StackSheet'

export function recordProblems({ record }: Piece): { low: string | null; side: string | null; minutes: string | null } {
  return {
    low: readTyped(record.low).problem,
    side: readTyped(record.side).problem,
    minutes: readNumber(record.minutes, 6000).problem,
  }
}

/** The record: what was used, where it landed, what went wrong, and a line for next time. */
export function RecordForm({ tools }: { tools: PieceTools }) {
  const { piece, plan, shelf, set } = tools
  const { record } = piece
  const problems = recordProblems(piece)
  const unit = shelf.shop.unit
  const put = (body: object): void => set({ record: body })
  return (
    <>
      <Section title="What was really used" says="As planned until you change it.">
        <UsedStack tools={tools} />
      </Section>
      <Section
        title="Where it landed"
        says="From the centre of the marks to the centre of the stitches, seen from where you stand."
      >
        <View style={{ gap: 8 }}>
          <LengthField
            label="Up or down"
            unit={unit}
            typed={record.low}
            placeholder={plan.write(0)}
            problem={problems.low}
            onChange={(typed) => put({ low: typed })}
          />
          <Choices
            label="It came out"
            choices={[
              { id: 'low', name: 'Low' },
              { id: 'high', name: 'High' },
            ]}
            value={record.low.way}
            onChange={(way) => put({ low: { way } })}
          />
          <LengthField
            label="To the side"
            unit={unit}
            typed={record.side}
            placeholder={plan.write(0)}
            problem={problems.side}
            onChange={(typed) => put({ side: typed })}
          />
          <Choices
            label="It came out"
            choices={[
              { id: 'left', name: 'Left' },
              { id: 'right', name: 'Right' },
            ]}
            value={record.side.way}
            onChange={(way) => put({ side: { way } })}
          />
        </View>
      </Section>
      <Section title="How it came out">
        <FaultPicker faults={record.faults} onChange={(faults) => put({ faults })} />
        <Choices
          label="All in all"
          choices={[
            { id: 'good', name: 'Good' },
            { id: 'passable', name: 'Will pass' },
            { id: 'spoiled', name: 'Spoiled' },
          ]}
          value={record.verdict}
          onChange={(verdict) => put({ verdict })}
        />
        <Field
          label="Minutes it took"
          suffix="min"
          keyboard="numeric"
          value={record.minutes}
          problem={problems.minutes}
          onChange={(minutes) => put({ minutes: minutes.slice(0, 10) })}
        />
        <Field label="Note" multiline value={record.note} onChange={(note) => put({ note: note.slice(0, 4000) })} />
        <Field
          label="A line for next time"
          value={record.nextTime}
          onChange={(nextTime) => put({ nextTime: nextTime.slice(0, 4000) })}
        />
        {record.verdict === null ? <Words soft>Say how it came out, all in all, and it goes in the log.</Words> : null}
      </Section>
    </>
  )
}

function UsedStack({ tools }: { tools: PieceTools }) {
  const { piece, plan, set } = tools
  const recipe = useChosenRecipe(tools)
  const used = piece.record.stack ?? piece.stack
  if (recipe)
    return <StackSheet tools={tools} option={recipe} stack={used} onChange={(stack) => set({ record: { stack } })} />
  if (!used) return <Words soft>No stack was chosen; say in the note what you used.</Words>
  return (
    <View>
      {used.layers.map((l, i) => (
        <Words key={i}>{`${layerName(l.kind)}: ${layerDetail(l, plan.write)}`}</Words>
      ))}
    </View>
  )
}
