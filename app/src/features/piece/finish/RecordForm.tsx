import { faultNames } from '@thimble/language'
import { many } from '@thimble/language/en/counts'
import { finish as t } from '@thimble/language/en/finish'
import type { ChosenStack, Patch, Piece } from '@thimble/contract'
import { faultsOf, ringOf, usedStack } from '@thimble/plan'
import { hoopingsOfRecord } from '@thimble/plan/record'
import { useDocuments } from '@/state/store'
import { Choices } from '@/ui/Choices'
import { LimitedField } from '@/ui/LimitedField'
import { Fold } from '@/ui/Fold'
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

/** The record: how it came out and where it landed, then behind a line each what went wrong, was used and is remembered. */
export function RecordForm({ tools }: { tools: PieceTools }) {
  const { piece, set } = tools
  const put: Put = (finish, says) => set({ finish }, says)
  const hoopings = hoopingsOfRecord(piece)
  return (
    <>
      <Section title={t('how-did-it-come-out')}>
        <Choices
          label={t('how-did-it-come-out')}
          quiet
          choices={verdictChoices}
          value={piece.finish.verdict}
          onChange={(verdict) => put({ verdict })}
        />
      </Section>
      {Array.from({ length: hoopings }, (_, i) => (
        <LandingForm key={i} tools={tools} hooping={i} of={hoopings} />
      ))}
      <WentWrong tools={tools} put={put} />
      <Used tools={tools} />
      <MinutesForm tools={tools} />
      <ToRemember tools={tools} put={put} />
    </>
  )
}

type Part = { tools: PieceTools; put: Put }

function WentWrong({ tools, put }: Part) {
  const { piece, marked } = tools
  // The ticket may lag behind a quick hand, and each tap on the drawing counts.
  const faults = useDocuments((s) => s.docs.pieces[piece.id]?.finish.faults) ?? piece.finish.faults
  const names = faultsOf(faults).map(({ id }) => faultNames[id])
  return (
    <Fold title={t('what-went-wrong')} answer={names.join(', ') || t('nothing')}>
      <FaultPicker
        faults={faults}
        design={marked.design}
        cloth={piece.build.cloth.colour}
        onChange={(change, says) => put({ faults: change }, says)}
      />
      <WhatWentWrong tools={tools} />
    </Fold>
  )
}

function Used({ tools }: { tools: PieceTools }) {
  const { stack, used } = tools.piece.finish
  const otherwise =
    stack !== null || Object.values(used).some((one) => one !== null && one !== '' && one !== 'as-advised')
  return (
    <Fold title={t('what-was-used')} answer={otherwise ? t('changed') : t('as-planned')}>
      <UsedStack tools={tools} />
      <HowHeld tools={tools} />
    </Fold>
  )
}

function ToRemember({ tools, put }: Part) {
  const { note, nextTime, photos } = tools.piece.finish
  const count = Object.keys(photos).length
  const answer = [count > 0 ? many(count, 'photo') : '', note || nextTime ? t('noted') : ''].filter(Boolean).join(', ')
  return (
    <Fold title={t('photos-and-notes')} answer={answer || t('none')}>
      <PhotoRow photos={photos} onChange={(change, says) => put({ photos: change }, says)} />
      <LimitedField label={t('note')} most={4000} multiline value={note} onChange={(text) => put({ note: text })} />
      <LimitedField
        label={t('for-next-time')}
        most={4000}
        value={nextTime}
        onChange={(text) => put({ nextTime: text })}
      />
    </Fold>
  )
}

/** The stack that was built, until the worker says what was really used. */
function UsedStack({ tools }: { tools: PieceTools }) {
  const { piece, set, shelf } = tools
  const built = useBuilt(tools)
  const used = usedStack(piece, built)
  const hoopId = piece.finish.used.hoopId ?? piece.hoop.kept[0]?.hoop?.id ?? piece.hoop.hoopId
  const hoop = shelf.hoops.find(({ id }) => id === hoopId) ?? null
  if (!used) return <Text soft>{t('no-layers-were-chosen-say')}</Text>
  const put = (stack: Patch<ChosenStack>, says?: string): void => set({ finish: { stack } }, says)
  return (
    <>
      <StackSheet
        tools={tools}
        kept={piece.finish.stack}
        standing={used}
        asUsed
        changing
        ask={{ basis: built.basis, ring: hoop && ringOf(hoop), supplies: shelf.supplies }}
        onChange={put}
      />
      <UsedThrough kept={piece.finish.stack} standing={used} onChange={put} />
    </>
  )
}
