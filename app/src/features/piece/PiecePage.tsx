import { DESIGN_MISSING, isDone, stageAt, stagesDone } from '@thimble/plan'
import { type Piece, type StageId, stageIds } from '@thimble/contract'
import { Button } from '@rneui/themed'
import { useRouter } from 'expo-router'
import { memo, useCallback, useEffect, useMemo, useState } from 'react'
import { Pressable, ScrollView, useWindowDimensions, View } from 'react-native'
import { AdviceBar } from '@/ui/AdviceBar'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { stageNames, ThreadLine } from '@/ui/ThreadLine'
import { remove, restore } from '@/state/changes'
import { useShelf } from '@/state/store'
import { openPiece } from '@/state/sync'
import { usePalette } from '@/theme/PaletteProvider'
import { useWide } from '@/ui/Split'
import { useSettled } from '@/ui/useSettled'
import { Heading, Words } from '@/ui/Words'
import { BuildStage } from './BuildStage'
import { Changed } from './Changed'
import { FinishStage } from './FinishStage'
import { HoopStage } from './HoopStage'
import { KeptBuild } from './KeptBuild'
import { KeptFinish } from './KeptFinish'
import { KeptHooping } from './KeptHooping'
import { KeptMeasure } from './KeptMeasure'
import { KeptStitching } from './KeptStitching'
import { MeasureStage } from './measure/MeasureStage'
import { PieceDrawing } from './PieceDrawing'
import { OnOneItem } from './OnOneItem'
import { PieceName } from './PieceName'
import { StageFold } from './StageFold'
import { StitchStage } from './StitchStage'
import { stageSummary } from './stageSummary'
import { type PieceTools, useOpenDifferences, usePieceTools } from './usePiece'
import { useStageKeys } from './useStageKeys'

/** Height of the ticket's head above the drawing. */
const HEAD = 109
const stages = { measure: MeasureStage, build: BuildStage, hoop: HoopStage, stitch: StitchStage, finish: FinishStage }
const keptStages = {
  measure: KeptMeasure,
  build: KeptBuild,
  hoop: KeptHooping,
  stitch: KeptStitching,
  finish: KeptFinish,
}

export function PiecePage({ id }: { id: string }) {
  const live = useShelf((s) => s.docs.pieces[id])
  // While something is typed the drawing follows at once, and the ticket, which is large, when the hand pauses.
  const settled = useSettled(live)
  const piece = settled?.id === id ? settled : live
  const gone = useShelf((s) => s.gone.pieces[id])
  const [missing, setMissing] = useState(false)
  const p = usePalette()
  useEffect(() => {
    if (!piece) void openPiece(id).then((found) => setMissing(found === 'missing'))
  }, [id, piece])
  if (piece && gone) return <RemovedPiece {...piece} />
  if (piece) return <Ticket key={id} piece={piece} />
  return (
    <View style={{ flex: 1, backgroundColor: p.calico, padding: 24 }}>
      <Words role="status">
        {missing ? 'This piece is not kept here; it may have been removed.' : 'Fetching the piece …'}
      </Words>
    </View>
  )
}

/** Removed meanwhile, on another device perhaps; what was typed of it is there still. */
function RemovedPiece({ id, name }: Pick<Piece, 'id' | 'name'>) {
  return (
    <Page title={name} back>
      <Section says="This piece was removed.">
        <Button title="Bring it back" onPress={() => restore('pieces', id)} />
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
  const [open, setOpen] = useState<StageId | null>(stageAt(piece))
  const [lit, setLit] = useState<string | null>(null)
  const { keep } = tools
  const finish = useCallback(
    (stage: StageId): void => {
      if (keep(stage)) setOpen(stageIds[stageIds.indexOf(stage) + 1] ?? null)
    },
    [keep],
  )
  useStageKeys(setOpen)
  return (
    <View style={{ flex: 1, backgroundColor: p.calico }}>
      <TicketHead piece={piece} at={open ?? stageAt(piece)} onPick={setOpen} />
      <View style={{ flex: 1, flexDirection: 'row' }}>
        {wide ? (
          <View style={{ width: '46%', borderRightWidth: 1, borderRightColor: p.seam }}>
            <PieceDrawing id={piece.id} stage={open ?? 'measure'} lit={lit} height={Math.max(300, tall - HEAD)} />
          </View>
        ) : null}
        <Stages tools={tools} open={open} setOpen={setOpen} lit={wide ? null : lit} setLit={setLit} onDone={finish} />
      </View>
    </View>
  )
})

type StagesProps = {
  tools: PieceTools
  open: StageId | null
  setOpen: (stage: StageId | null) => void
  lit: string | null
  setLit: (id: string | null) => void
  onDone: (stage: StageId) => void
}

const Stages = memo(function Stages({ tools, open, setOpen, lit, setLit, onDone }: StagesProps) {
  const { piece } = tools
  return (
    <ScrollView style={{ flex: 1 }} contentContainerStyle={{ paddingBottom: 40 }}>
      {stageIds.map((stage) => (
        <TicketStage
          key={stage}
          stage={stage}
          tools={tools}
          open={open === stage}
          onToggle={() => setOpen(open === stage ? null : stage)}
          {...{ lit, setLit, onDone }}
        />
      ))}
      <OnOneItem piece={piece} />
      <RemovePiece piece={piece} />
    </ScrollView>
  )
})

type StageRow = Pick<StagesProps, 'tools' | 'lit' | 'setLit' | 'onDone'> & {
  stage: StageId
  open: boolean
  onToggle: () => void
}

/** One stage of the ticket: its work while it is open, what was decided once it is done. */
function TicketStage({ stage, tools, open, onToggle, lit, setLit, onDone }: StageRow) {
  const { height: tall } = useWindowDimensions()
  const wide = useWide()
  const { piece, set } = tools
  const done = isDone(piece, stage)
  const changed = useOpenDifferences(tools, stage)
  const [Stage, Kept] = [stages[stage], keptStages[stage]]
  const sticky = stage === 'measure' && tall > 640
  // Stack and hoop would be planned by a guess.
  const blind = (stage === 'build' || stage === 'hoop') && tools.marked.design.missing
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
      {!wide && (stage === 'measure' || stage === 'hoop') ? (
        <View style={sticky ? { position: 'sticky' as 'absolute', top: 0, zIndex: 2 } : undefined}>
          <PieceDrawing id={piece.id} stage={stage} lit={lit} height={stage === 'measure' ? 270 : 330} />
        </View>
      ) : null}
      <Changed tools={tools} stage={stage} found={changed} />
      {done ? (
        <Kept tools={tools} />
      ) : blind ? (
        <Section>
          <AdviceBar advice={{ code: 'design-missing', text: DESIGN_MISSING, severity: 'caution' }} />
        </Section>
      ) : (
        <Stage tools={tools} setLit={setLit} onDone={() => onDone(stage)} />
      )}
    </StageFold>
  )
}

type HeadProps = { piece: Piece; at: StageId; onPick: (stage: StageId) => void }

const TicketHead = memo(function TicketHead({ piece, at, onPick }: HeadProps) {
  const router = useRouter()
  const done = useMemo(() => stagesDone(piece), [piece])
  return (
    <View style={{ paddingHorizontal: 16, paddingTop: 6, paddingBottom: 8 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', minHeight: 52, gap: 10 }}>
        <Pressable
          role="button"
          aria-label="Back"
          style={{ width: 32, height: 44, justifyContent: 'center' }}
          onPress={() => (router.canGoBack() ? router.back() : router.replace('/'))}
        >
          <Words style={{ fontSize: 28, lineHeight: 32 }}>‹</Words>
        </Pressable>
        <Heading level={1} numberOfLines={2} style={{ flex: 1, minWidth: 0, fontSize: 21, lineHeight: 25 }}>
          {piece.name}
        </Heading>
        <SavedState id={piece.id} />
      </View>
      <ThreadLine done={done} at={at} onPick={onPick} />
    </View>
  )
})

/** Apart from the rest of the head, as it changes with every key. */
function SavedState({ id }: { id: string }) {
  const says = useShelf(({ waiting, connection, notKept }) => {
    if (waiting > 0) return connection === 'away' ? 'kept here' : 'saving'
    return notKept.some(({ change }) => 'id' in change && change.id === id) ? 'not all saved' : 'saved'
  })
  return (
    <Words soft role="status">
      {says}
    </Words>
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
        <Words tone="madder">Remove this piece</Words>
      </Pressable>
    </View>
  )
}
