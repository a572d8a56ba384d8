import type { Patch, Piece } from '@thimble/contract'
import { recordProblems, ringOf, usedStack } from '@thimble/plan'
import { View } from 'react-native'
import { Choices } from '@/ui/Choices'
import { LimitedField } from '@/ui/LimitedField'
import { LengthField } from '@/ui/LengthField'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { verdictChoices } from '@/words/recordWords'
import { FaultPicker } from './FaultPicker'
import { StackSheet } from './StackSheet'
import { type PieceTools, useBuilt } from './usePiece'

type Part = { tools: PieceTools; put: (body: Patch<Piece['finish']>, says?: string) => void }

/** The record: what was used, where it landed, what went wrong, and a line for next time. */
export function RecordForm({ tools }: { tools: PieceTools }) {
  const put: Part['put'] = (body, says) => tools.set({ finish: body }, says)
  return (
    <>
      <Section title="What was really used" says="As planned until you change it.">
        <UsedStack tools={tools} />
      </Section>
      <Landing tools={tools} put={put} />
      <Outcome tools={tools} put={put} />
    </>
  )
}

function Landing({ tools: { piece, plan, shelf }, put }: Part) {
  const record = piece.finish
  const problems = recordProblems(piece)
  const { unit } = shelf.shop
  return (
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
  )
}

function Outcome({ tools: { piece }, put }: Part) {
  const record = piece.finish
  const problems = recordProblems(piece)
  return (
    <Section title="How it came out">
      <FaultPicker faults={record.faults} onChange={(faults, says) => put({ faults }, says)} />
      <Choices
        label="All in all"
        choices={verdictChoices}
        value={record.verdict}
        onChange={(verdict) => put({ verdict })}
      />
      <LimitedField
        label="Minutes it took"
        most={10}
        suffix="min"
        keyboard="numeric"
        value={record.minutes}
        problem={problems.minutes}
        onChange={(minutes) => put({ minutes })}
      />
      <LimitedField label="Note" most={4000} multiline value={record.note} onChange={(note) => put({ note })} />
      <LimitedField
        label="A line for next time"
        most={4000}
        value={record.nextTime}
        onChange={(nextTime) => put({ nextTime })}
      />
      {record.verdict === null ? <Words soft>Say how it came out, all in all, and it goes in the log.</Words> : null}
    </Section>
  )
}

/** The stack that was built, until the worker says what was really used. */
function UsedStack({ tools }: { tools: PieceTools }) {
  const { piece, set, shelf } = tools
  const built = useBuilt(tools)
  const used = usedStack(piece, built)
  const hoopId = piece.hoop.kept[0]?.hoop?.id ?? piece.hoop.hoopId
  const hoop = shelf.hoops.find(({ id }) => id === hoopId) ?? null
  if (!used) return <Words soft>No stack was chosen; say in the note what you used.</Words>
  return (
    <StackSheet
      tools={tools}
      kept={piece.finish.stack}
      standing={used}
      asUsed
      ask={{ basis: built.basis, ring: hoop && ringOf(hoop), supplies: shelf.supplies }}
      onChange={(stack, says) => set({ finish: { stack } }, says)}
    />
  )
}
