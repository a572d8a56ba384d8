import { DESIGN_MISSING, isDone, stageAt, stopsOf } from '@thimble/plan'
import { type Piece, type StageId, stageIds } from '@thimble/contract'
import { Button } from '@rneui/themed'
import { useRouter } from 'expo-router'
import { memo, useCallback, useState } from 'react'
import { Pressable, useWindowDimensions, View } from 'react-native'
import { AdviceBar } from '@/ui/AdviceBar'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Scroller } from '@/ui/Scroller'
import { stageNames } from '@/ui/ThreadLine'
import { bringBackWithChanges, remove } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { useShort, useWide } from '@/ui/useMedia'
import { useSettled } from '@/ui/useSettled'
import { useRemembered } from '@/ui/scrollMemory'
import { Text } from '@/ui/Text'
import { BuildStage } from './BuildStage'
import { Changed } from './Changed'
import { FinishStage } from './finish/FinishStage'
import { GivingWay } from './GivingWay'
import { HoopStage } from './hoop/HoopStage'
import { BuildDecided } from './BuildDecided'
import { FinishDecided } from './finish/FinishDecided'
import { HoopDecided } from './hoop/HoopDecided'
import { MeasureDecided } from './MeasureDecided'
import { StitchDecided } from './StitchDecided'
import { MeasureStage } from './measure/MeasureStage'
import { PieceComing } from './PieceComing'
import { PieceDrawing } from './PieceDrawing'
import { OfOrder } from '@/shared/orderParts'
import { OnOneItem } from './OnOneItem'
import { PieceName } from './PieceName'
import { StageFold } from './StageFold'
import { StitchStage } from './StitchStage'
import { stageSummary } from './stageSummary'
import { TicketHead } from './TicketHead'
import { Trying } from './Trying'
import { type ContextOf, type PieceTools, useOpenDifferences, usePieceTools } from './usePiece'
import { useStageKeys } from './useStageKeys'
import { frame } from '@/ui/frame'

/** No stage is open. */
const NONE = 'none'
/** Height of the ticket's head above the drawing. */
const HEAD = 109
const stages = { measure: MeasureStage, build: BuildStage, hoop: HoopStage, stitch: StitchStage, finish: FinishStage }
const keptStages = {
  measure: MeasureDecided,
  build: BuildDecided,
  hoop: HoopDecided,
  stitch: StitchDecided,
  finish: FinishDecided,
}

export function PiecePage({ id }: { id: string }) {
  const live = useDocuments((s) => s.docs.pieces[id])
  // While something is typed the drawing follows at once, and the ticket, which is large, when the hand pauses.
  const settled = useSettled(live)
  const piece = settled?.id === id ? settled : live
  const gone = useDocuments((s) => s.gone.pieces[id])
  if (piece && gone) return <RemovedPiece {...piece} />
  if (piece) return <Ticket key={id} piece={piece} />
  return <PieceComing id={id} />
}

/** Removed meanwhile, on another device perhaps; what was typed of it is there still. */
function RemovedPiece({ id, name }: Pick<Piece, 'id' | 'name'>) {
  return (
    <Page title={name} back>
      <Section says="This piece was removed.">
        <Button title="Bring it back" onPress={() => bringBackWithChanges('pieces', id)} />
      </Section>
    </Page>
  )
}

/** The piece's ticket: five stages, the one at hand open; on a wide screen the drawing stays at its left. */
const Ticket = memo(function Ticket({ piece }: { piece: Piece }) {
  const p = usePalette()
  const tools = usePieceTools(piece)
  const { height: tall } = useWindowDimensions()
  const wide = useWide()
  const short = useShort()
  const [opened, setOpened] = useRemembered<StageId | typeof NONE>(piece.id, 'stage', stageAt(piece))
  const open = opened === NONE ? null : opened
  const setOpen = useCallback((stage: StageId | null) => setOpened(stage ?? NONE), [setOpened])
  const [highlighted, setHighlighted] = useState<string | null>(null)
  const { keep } = tools
  const finish = useCallback(
    (stage: StageId, beside?: ContextOf): void => {
      if (keep(stage, beside)) setOpen(stageIds[stageIds.indexOf(stage) + 1] ?? null)
    },
    [keep, setOpen],
  )
  useStageKeys(setOpen)
  return (
    <View
      {...frame}
      style={{ flexGrow: 1, flexShrink: short ? 0 : 1, flexBasis: short ? 'auto' : 0, backgroundColor: p.calico }}
    >
      <TicketHead piece={piece} at={open ?? stageAt(piece)} onPick={setOpen} />
      <View
        {...frame}
        style={{ flexGrow: 1, flexShrink: short ? 0 : 1, flexBasis: short ? 'auto' : 0, flexDirection: 'row' }}
      >
        {wide ? (
          <View style={{ width: '46%', borderRightWidth: 1, borderRightColor: p.seam }}>
            <PieceDrawing
              id={piece.id}
              stage={open ?? 'measure'}
              highlighted={highlighted}
              height={Math.max(300, tall - HEAD)}
            />
          </View>
        ) : null}
        <Stages
          tools={tools}
          open={open}
          setOpen={setOpen}
          highlighted={wide ? null : highlighted}
          setHighlighted={setHighlighted}
          onDone={finish}
        />
      </View>
    </View>
  )
})

type StagesProps = {
  tools: PieceTools
  open: StageId | null
  setOpen: (stage: StageId | null) => void
  highlighted: string | null
  setHighlighted: (id: string | null) => void
  onDone: (stage: StageId, beside?: ContextOf) => void
}

const Stages = memo(function Stages({ tools, open, setOpen, highlighted, setHighlighted, onDone }: StagesProps) {
  const { piece } = tools
  return (
    <Scroller place={piece.id} style={{ paddingBottom: 40 }}>
      <OfOrder part="OfLine" piece={piece} />
      <LastTime piece={piece} />
      {stageIds.map((stage) => (
        <TicketStage
          key={stage}
          stage={stage}
          tools={tools}
          open={open === stage}
          onToggle={() => setOpen(open === stage ? null : stage)}
          {...{ highlighted, setHighlighted, onDone }}
        />
      ))}
      <OnOneItem piece={piece} />
      <RemovePiece piece={piece} />
    </Scroller>
  )
})

/** What was written at the record of the piece this one is the same as again, and what of it is tried otherwise. */
function LastTime({ piece }: { piece: Piece }) {
  const { carried } = piece.measure
  const { trying } = piece.build
  if (isDone(piece, 'finish') || !(carried?.nextTime || trying)) return null
  return (
    <Section>
      {trying ? <Trying {...trying} /> : null}
      {carried?.nextTime ? (
        <AdviceBar advice={{ code: 'last-time', text: `From last time: ${carried.nextTime}`, severity: 'note' }} />
      ) : null}
    </Section>
  )
}

type StageRow = Pick<StagesProps, 'tools' | 'highlighted' | 'setHighlighted' | 'onDone'> & {
  stage: StageId
  open: boolean
  onToggle: () => void
}

/** One stage of the ticket: its work while it is open, what was decided once it is done. */
function TicketStage({ stage, tools, open, onToggle, highlighted, setHighlighted, onDone }: StageRow) {
  const wide = useWide()
  const { piece, set } = tools
  const done = isDone(piece, stage)
  const changed = useOpenDifferences(tools, stage)
  const [Stage, Kept] = [stages[stage], keptStages[stage]]
  // Stack and hoop would be planned by a guess.
  const designMissing = (stage === 'build' || stage === 'hoop') && tools.marked.design.missing
  return (
    <StageFold
      name={stageNames[stage]}
      done={done}
      changed={changed.length > 0}
      open={open}
      summary={stageSummary(stage, tools)}
      onToggle={onToggle}
      onReopen={() => set({ [stage]: { reopened: true } })}
    >
      {!wide && stage === 'measure' ? (
        <GivingWay>
          {(height) => <PieceDrawing id={piece.id} stage={stage} highlighted={highlighted} height={height} />}
        </GivingWay>
      ) : null}
      {stage === 'measure' ? null : <Stops tools={tools} />}
      <Changed tools={tools} stage={stage} found={changed} />
      {done ? (
        <Kept tools={tools} />
      ) : designMissing ? (
        <Section>
          <AdviceBar advice={{ code: 'design-missing', text: DESIGN_MISSING, severity: 'caution' }} />
        </Section>
      ) : (
        <Stage tools={tools} setHighlighted={setHighlighted} onDone={(beside) => onDone(stage, beside)} />
      )}
    </StageFold>
  )
}

/** What stops the piece as it was measured, at every stage that rests on it. */
function Stops({ tools: { piece, plan } }: { tools: PieceTools }) {
  const stops = stopsOf(piece, plan)
  if (stops.length === 0) return null
  return (
    <Section>
      {stops.map((advice) => (
        <AdviceBar key={advice.code} advice={advice} />
      ))}
    </Section>
  )
}

function RemovePiece({ piece }: { piece: Piece }) {
  const router = useRouter()
  return (
    <View style={{ padding: 16, gap: 20 }}>
      <PieceName piece={piece} />
      <Pressable
        role="button"
        style={{ minHeight: 44, justifyContent: 'center' }}
        onPress={() => {
          remove('pieces', piece.id, piece.name)
          router.replace('/')
        }}
      >
        <Text tone="madder">Remove this piece</Text>
      </Pressable>
    </View>
  )
}
