import type { ChosenStack, Patch, Piece } from '@thimble/contract'
import { ringOf, usedStack } from '@thimble/plan'
import { hoopingsOfRecord } from '@thimble/plan/record'
import { useDocuments } from '@/state/store'
import { Choices } from '@/ui/Choices'
import { LimitedField } from '@/ui/LimitedField'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { verdictChoices } from '@/words/recordWords'
import { StackSheet } from '../StackSheet'
import { type PieceTools, useBuilt } from '../usePiece'
import { FaultPicker } from './FaultPicker'
import { HowHeld } from './HowHeld'
import { LandingForm } from './LandingForm'
import { MinutesForm } from './MinutesForm'
import { PhotoRow } from './PhotoRow'
import { UsedThrough } from './UsedThrough'
import { WhatWentWrong } from './WhatWentWrong'

type Put = (body: Patch<Piece['finish']>, says?: string) => void

/** The record: what was used, where it landed, what went wrong and why, and a line for next time. */
export function RecordForm({ tools }: { tools: PieceTools }) {
  const { piece, set } = tools
  const put: Put = (finish, says) => set({ finish }, says)
  const hoopings = hoopingsOfRecord(piece)
  return (
    <>
      <Section title="What was really used" says="As planned until you change it.">
        <UsedStack tools={tools} />
        <HowHeld tools={tools} />
      </Section>
      {Array.from({ length: hoopings }, (_, i) => (
        <LandingForm key={i} tools={tools} hooping={i} of={hoopings} />
      ))}
      <Outcome tools={tools} put={put} />
      <WhatWentWrong tools={tools} />
      <ForNextTime tools={tools} put={put} />
    </>
  )
}

type Part = { tools: PieceTools; put: Put }

function Outcome({ tools: { piece, marked }, put }: Part) {
  const { verdict } = piece.finish
  // The ticket may lag behind a quick hand, and each tap on the drawing counts.
  const faults = useDocuments((s) => s.docs.pieces[piece.id]?.finish.faults) ?? piece.finish.faults
  return (
    <Section title="How it came out">
      <FaultPicker
        faults={faults}
        design={marked.design}
        cloth={piece.build.cloth.colour}
        onChange={(change, says) => put({ faults: change }, says)}
      />
      <Choices
        label="All in all"
        choices={verdictChoices}
        value={verdict}
        onChange={(next) => put({ verdict: next })}
      />
      {verdict === null ? <Text soft>Say how it came out, all in all, and it goes in the log.</Text> : null}
    </Section>
  )
}

function ForNextTime({ tools, put }: Part) {
  const { note, nextTime, photos } = tools.piece.finish
  return (
    <>
      <MinutesForm tools={tools} />
      <Section title="Photos" says="Up to five. Where they were taken is not kept.">
        <PhotoRow photos={photos} onChange={(change, says) => put({ photos: change }, says)} />
      </Section>
      <Section title="To remember">
        <LimitedField label="Note" most={4000} multiline value={note} onChange={(text) => put({ note: text })} />
        <LimitedField
          label="A line for next time"
          most={4000}
          value={nextTime}
          onChange={(text) => put({ nextTime: text })}
        />
      </Section>
    </>
  )
}

/** The stack that was built, until the worker says what was really used. */
function UsedStack({ tools }: { tools: PieceTools }) {
  const { piece, set, shelf } = tools
  const built = useBuilt(tools)
  const used = usedStack(piece, built)
  const hoopId = piece.finish.used.hoopId ?? piece.hoop.kept[0]?.hoop?.id ?? piece.hoop.hoopId
  const hoop = shelf.hoops.find(({ id }) => id === hoopId) ?? null
  if (!used) return <Text soft>No stack was chosen; say in the note what you used.</Text>
  const put = (stack: Patch<ChosenStack>, says?: string): void => set({ finish: { stack } }, says)
  return (
    <>
      <StackSheet
        tools={tools}
        kept={piece.finish.stack}
        standing={used}
        asUsed
        ask={{ basis: built.basis, ring: hoop && ringOf(hoop), supplies: shelf.supplies }}
        onChange={put}
      />
      <UsedThrough kept={piece.finish.stack} standing={used} onChange={put} />
    </>
  )
}
