import { type Piece, stageDoneAt, type StageId, stageIds } from '@thimble/contract'
import { useRouter } from 'expo-router'
import { useEffect, useMemo, useState } from 'react'
import { Pressable, ScrollView, useWindowDimensions, View } from 'react-native'
import { stageNames, ThreadLine } from '@/drawing/ThreadLine'
import { stageOf } from '@/plan/nextAction'
import { openPiece, remove, useShelf } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { useWide } from '@/ui/Split'
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
import { usePieceTools } from './usePiece'
import { useStageKeys } from './useStageKeys'

/** Height of the ticket's head above the drawing. */
const HEAD = 109
const stages = { measure: MeasureStage, build: BuildStage, hoop: HoopStage, stitch: StitchStage, finish: FinishStage }

export function PiecePage({ id }: { id: string }) {
  const piece = useShelf((s) => s.docs.pieces[id])
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
function Ticket({ piece }: { piece: Piece }) {
  const p = usePalette()
  const tools = usePieceTools(piece)
  const { height: tall } = useWindowDimensions()
  const wide = useWide()
  const [open, setOpen] = useState<StageId | null>(stageOf(piece))
  const [lit, setLit] = useState<string | null>(null)
  const done = useMemo(() => new Set(stageIds.filter((s) => piece[stageDoneAt[s]])), [piece])
  const finish = (stage: StageId): void => {
    tools.setDone(stage, true)
    const next = stageIds[stageIds.indexOf(stage) + 1]
    setOpen(next ?? null)
  }
  useStageKeys(setOpen, () => open && finish(open))
  const drawing = (height: number) => <PieceDrawing tools={tools} stage={open ?? 'measure'} lit={lit} height={height} />
  return (
    <View style={{ flex: 1, backgroundColor: p.calico }}>
      <TicketHead tools={tools} done={done} at={open ?? stageOf(piece)} onPick={setOpen} />
      <View style={{ flex: 1, flexDirection: 'row' }}>
        {wide ? (
          <View style={{ width: '46%', borderRightWidth: 1, borderRightColor: p.seam }}>
            {drawing(Math.max(300, tall - HEAD))}
          </View>
        ) : null}
        <ScrollView style={{ flex: 1 }} contentContainerStyle={{ paddingBottom: 40 }}>
          {stageIds.map((stage) => {
            const Stage = stages[stage]
            return (
              <StageFold
                key={stage}
                name={stageNames[stage]}
                done={done.has(stage)}
                open={open === stage}
                summary={stageSummary(stage, tools)}
                onToggle={() => setOpen(open === stage ? null : stage)}
                onReopen={() => tools.setDone(stage, false)}
              >
                {!wide && (stage === 'measure' || stage === 'hoop') ? (
                  <View
                    style={
                      stage === 'measure' && tall > 640
                        ? { position: 'sticky' as 'absolute', top: 0, zIndex: 2 }
                        : undefined
                    }
                  >
                    {drawing(stage === 'measure' ? 270 : 330)}
                  </View>
                ) : null}
                <Stage tools={tools} setLit={setLit} onDone={() => finish(stage)} />
              </StageFold>
            )
          })}
          <OnOneItem piece={piece} />
          <RemovePiece piece={piece} />
        </ScrollView>
      </View>
    </View>
  )
}

function TicketHead({
  tools,
  done,
  at,
  onPick,
}: {
  tools: ReturnType<typeof usePieceTools>
  done: Set<StageId>
  at: StageId
  onPick: (s: StageId) => void
}) {
  const router = useRouter()
  const { waiting, connection } = useShelf((s) => s)
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
          {tools.piece.name}
        </Heading>
        <Words soft role="status">
          {waiting === 0 ? 'saved' : connection === 'away' ? 'kept here' : 'saving'}
        </Words>
      </View>
      <ThreadLine done={done} at={at} onPick={onPick} />
    </View>
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
