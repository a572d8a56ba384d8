import { piece as t } from '@thimble/language/en/piece'
import { DESIGN_MISSING, isDone, stageAt, stopsOf } from '@thimble/plan'
import { type Piece, type StageId, stageIds } from '@thimble/contract'
import { Button } from '@rneui/themed'
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { useWindowDimensions, View } from 'react-native'
import { AdviceBar } from '@/ui/AdviceBar'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Scroller } from '@/ui/Scroller'
import { stageNames } from '@/ui/ThreadLine'
import { ThumbBar } from '@/ui/ThumbBar'
import { bringBackWithChanges } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { useShort, useWide } from '@/ui/useMedia'
import { useSettled } from '@/ui/useSettled'
import { useRemembered } from '@/ui/scrollMemory'
import { AboutPiece } from './AboutPiece'
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
import { StitchStage } from './StitchStage'
import { TicketHead } from './TicketHead'
import { Trying } from './Trying'
import { type ContextOf, type PieceTools, useOpenDifferences, usePieceTools } from './usePiece'
import { useStageKeys } from './useStageKeys'
import { frame } from '@/ui/frame'

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
      <Section says={t('this-piece-was-removed')}>
        <Button title={t('bring-it-back')} onPress={() => bringBackWithChanges('pieces', id)} />
      </Section>
    </Page>
  )
}

/** The piece's ticket: the stage at hand, the others in the thread over it; on a wide screen the drawing stays at its left. */
const Ticket = memo(function Ticket({ piece }: { piece: Piece }) {
  const p = usePalette()
  const tools = usePieceTools(piece)
  const { height: tall } = useWindowDimensions()
  const wide = useWide()
  const short = useShort()
  const [open, setStage] = useRemembered<StageId>(piece.id, 'stage', stageAt(piece))
  const [goneTo, setGoneTo] = useState(false)
  const setOpen = useCallback(
    (stage: StageId) => {
      setGoneTo(true)
      setStage(stage)
    },
    [setStage],
  )
  const [highlighted, setHighlighted] = useState<string | null>(null)
  const { keep } = tools
  const finish = useCallback(
    (stage: StageId, beside?: ContextOf): void => {
      if (keep(stage, beside)) setOpen(nextStage(stage) ?? stage)
    },
    [keep, setOpen],
  )
  useStageKeys(setOpen)
  const changed = useChangedStages(tools)
  return (
    <View
      {...frame}
      style={{ flexGrow: 1, flexShrink: short ? 0 : 1, flexBasis: short ? 'auto' : 0, backgroundColor: p.calico }}
    >
      <TicketHead piece={piece} at={open} changed={changed} onPick={setOpen} />
      <View
        {...frame}
        style={{ flexGrow: 1, flexShrink: short ? 0 : 1, flexBasis: short ? 'auto' : 0, flexDirection: 'row' }}
      >
        {wide ? (
          <View style={{ width: '46%', borderRightWidth: 1, borderRightColor: p.seam }}>
            <PieceDrawing id={piece.id} stage={open} highlighted={highlighted} height={Math.max(300, tall - HEAD)} />
          </View>
        ) : null}
        <Scroller key={open} place={piece.id} part={open} goneTo={goneTo} style={{ paddingBottom: 12 }}>
          <TicketStage
            key={open}
            stage={open}
            highlighted={wide ? null : highlighted}
            {...{ tools, goneTo, setOpen, setHighlighted }}
            onDone={finish}
          />
        </Scroller>
      </View>
    </View>
  )
})

const nextStage = (stage: StageId): StageId | undefined => stageIds[stageIds.indexOf(stage) + 1]

/** Stages that would come out otherwise than they were decided. */
function useChangedStages(tools: PieceTools): ReadonlySet<StageId> {
  const found = {
    measure: useOpenDifferences(tools, 'measure'),
    build: useOpenDifferences(tools, 'build'),
    hoop: useOpenDifferences(tools, 'hoop'),
    stitch: useOpenDifferences(tools, 'stitch'),
    finish: useOpenDifferences(tools, 'finish'),
  }
  const ids = stageIds.filter((stage) => found[stage].length > 0).join(' ')
  return useMemo(() => new Set(stageIds.filter((stage) => ids.includes(stage))), [ids])
}

/** What was written at the record of the piece this one is the same as again, and what of it is tried otherwise. */
function LastTime({ piece }: { piece: Piece }) {
  const { carried } = piece.measure
  const { trying } = piece.build
  if (isDone(piece, 'finish') || !(carried?.nextTime || trying)) return null
  return (
    <Section>
      {trying ? <Trying {...trying} /> : null}
      {carried?.nextTime ? (
        <AdviceBar
          advice={{ code: 'last-time', text: t('from-last-time', { nextTime: carried.nextTime }), severity: 'note' }}
        />
      ) : null}
    </Section>
  )
}

type StageRow = {
  tools: PieceTools
  stage: StageId
  /** Not the one the page came with. */
  goneTo: boolean
  highlighted: string | null
  setOpen: (stage: StageId) => void
  setHighlighted: (id: string | null) => void
  onDone: (stage: StageId, beside?: ContextOf) => void
}

/** The stage at hand: its work, or what was decided once it is done. */
const TicketStage = memo(function TicketStage(row: StageRow) {
  const { tools, stage, goneTo, highlighted, setOpen } = row
  const wide = useWide()
  const { piece } = tools
  const done = isDone(piece, stage)
  const found = useOpenDifferences(tools, stage)
  const Kept = keptStages[stage]
  const here = useAnswerInHand(goneTo)
  return (
    <View ref={here}>
      {!wide && stage === 'measure' ? (
        <GivingWay>
          {(height) => <PieceDrawing id={piece.id} stage={stage} highlighted={highlighted} height={height} />}
        </GivingWay>
      ) : null}
      <LastTime piece={piece} />
      {stage === 'measure' ? null : <Stops tools={tools} />}
      <Changed tools={tools} stage={stage} found={found} />
      {done ? (
        <>
          <Kept tools={tools} />
          <AboutPiece piece={piece} />
          <DecidedFoot {...{ tools, stage, setOpen }} />
        </>
      ) : (
        <OpenStage {...row} />
      )}
    </View>
  )
})

/** A stage that is gone to begins at its answer, and the cursor with it. */
function useAnswerInHand(goneTo: boolean) {
  const here = useRef<View>(null)
  useEffect(() => {
    if (!goneTo) return
    const box = here.current as unknown as HTMLElement
    const answer = [...box.querySelectorAll('h2')].find((heading) => !heading.querySelector('[role=button]'))
    if (!answer) return
    answer.tabIndex = -1
    answer.focus({ preventScroll: true })
    // Only as it comes up.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
  return here
}

/** The stage's work; where its design is missing, layers and hoop would be planned by a guess. */
function OpenStage({ tools, stage, setHighlighted, onDone }: StageRow) {
  const Stage = stages[stage]
  if ((stage === 'build' || stage === 'hoop') && tools.marked.design.missing)
    return (
      <Section>
        <AdviceBar advice={{ code: 'design-missing', text: DESIGN_MISSING, severity: 'caution' }} />
      </Section>
    )
  return <Stage tools={tools} setHighlighted={setHighlighted} onDone={(beside) => onDone(stage, beside)} />
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

/** From a stage that is done: back into it, or on to the next. */
function DecidedFoot({ tools: { piece, set }, stage, setOpen }: Pick<StageRow, 'tools' | 'stage' | 'setOpen'>) {
  const next = nextStage(stage)
  const reopen = (): void => set({ [stage]: { reopened: true } })
  return (
    <ThumbBar>
      <View style={{ flexDirection: 'row', gap: 12 }}>
        <View style={{ flex: 1 }}>
          <Button type="outline" title={t('reopen', { stageNames: stageNames[stage] })} onPress={reopen} />
        </View>
        {next && !isDone(piece, 'finish') ? (
          <View style={{ flex: 1 }}>
            <Button title={t('go-to', { stageNames: stageNames[next] })} onPress={() => setOpen(next)} />
          </View>
        ) : null}
      </View>
    </ThumbBar>
  )
}
