import { type Piece, stageDoneAt, type StageId, stageIds } from '@thimble/contract'
import { useRouter } from 'expo-router'
import { memo, useCallback, useEffect, useMemo, useState } from 'react'
import { Pressable, ScrollView, useWindowDimensions, View } from 'react-native'
import { stageNames, ThreadLine } from '@/drawing/ThreadLine'
import { stageOf } from '@/plan/nextAction'
import { openPiece, remove, useShelf } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { useWide } from '@/ui/Split'
import { useSettled } from '@/ui/useSettled'
import { Heading, Words } from '@/ui/Words'
import { BuildStage } from './BuildStage'
import { FinishStage } from './FinishStage'
import { HoopStage } from './HoopStage'
import { MeasureStage } from './measure/MeasureStage'
import { PieceDrawing } from './PieceDrawing'
import { OnOneItem } from './OnOneItem'
import { PieceName } from './PieceName'
import { StageFold } from './StageFold'
import { StitchStage } from './StitchStage'
import { stageSummary } from './stageSummary'
import { type PieceTools, usePieceTools } from './usePiece'
import { useStageKeys } from './useStageKeys'

/** Height of the ticket's head above the drawing. */
const HEAD = 109
const stages = { measure: MeasureStage, build: BuildStage, hoop: HoopStage, stitch: StitchStage, finish: FinishStage }

export function PiecePage({ id }: { id: string }) {
  const live = useShelf((s) => s.docs.pieces[id])
  // While something is typed the drawing follows at once, and the ticket, which is large, when the hand pauses.
  const settled = useSettled(live)
  const piece = settled?.id === id ? settled : live
  const [missing, setMissing] = useState(false)
  const p = usePalette()
  useEffect(() => {
    if (!piece) void openPiece(id).then((found) => setMissing(found === 'missing'))
  }, [id, piece])
  if (piece) return <Ticket key={id} piece={piece} />
  return (
    <View style={{ flex: 1, backgroundColor: p.calico, padding: 24 }}>
      <Words role="status">
        {missing ? 'This piece is not kept here; it may have been removed.' : 'Fetching the piece …'}
      </Words>
    </View>
  )
}

/** The piece's ticket: five stages, the one at hand open; on a wide screen the drawing stays at its left. */
const Ticket = memo(function Ticket({ piece }: { piece: Piece }) {
  const p = usePalette()
  const tools = usePieceTools(piece)
  const { height: tall } = useWindowDimensions()
  const wide = useWide()
  const [open, setOpen] = useState<StageId | null>(stageOf(piece))
  const [lit, setLit] = useState<string | null>(null)
  const { setDone } = tools
  const finish = useCallback(
    (stage: StageId): void => {
      setDone(stage, true)
      setOpen(stageIds[stageIds.indexOf(stage) + 1] ?? null)
    },
    [setDone],
  )
  useStageKeys(setOpen, () => open && finish(open))
  return (
    <View style={{ flex: 1, backgroundColor: p.calico }}>
      <TicketHead piece={piece} at={open ?? stageOf(piece)} onPick={setOpen} />
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
  const { height: tall } = useWindowDimensions()
  const wide = useWide()
  const { piece } = tools
  return (
    <ScrollView style={{ flex: 1 }} contentContainerStyle={{ paddingBottom: 40 }}>
      {stageIds.map((stage) => {
        const Stage = stages[stage]
        const sticky = stage === 'measure' && tall > 640
        return (
          <StageFold
            key={stage}
            name={stageNames[stage]}
            done={Boolean(piece[stageDoneAt[stage]])}
            open={open === stage}
            summary={stageSummary(stage, tools)}
            onToggle={() => setOpen(open === stage ? null : stage)}
            onReopen={() => tools.setDone(stage, false)}
          >
            {!wide && (stage === 'measure' || stage === 'hoop') ? (
              <View style={sticky ? { position: 'sticky' as 'absolute', top: 0, zIndex: 2 } : undefined}>
                <PieceDrawing id={piece.id} stage={stage} lit={lit} height={stage === 'measure' ? 270 : 330} />
              </View>
            ) : null}
            <Stage tools={tools} setLit={setLit} onDone={() => onDone(stage)} />
          </StageFold>
        )
      })}
      <OnOneItem piece={piece} />
      <RemovePiece piece={piece} />
    </ScrollView>
  )
})

type HeadProps = { piece: Piece; at: StageId; onPick: (stage: StageId) => void }

const TicketHead = memo(function TicketHead({ piece, at, onPick }: HeadProps) {
  const router = useRouter()
  const done = useMemo(() => new Set(stageIds.filter((s) => piece[stageDoneAt[s]])), [piece])
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
        <SavedState />
      </View>
      <ThreadLine done={done} at={at} onPick={onPick} />
    </View>
  )
})

/** Apart from the rest of the head, as it changes with every key. */
function SavedState() {
  const says = useShelf(({ waiting, connection }) =>
    waiting === 0 ? 'saved' : connection === 'away' ? 'kept here' : 'saving',
  )
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
