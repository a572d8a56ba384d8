import type { Piece } from '@thimble/contract'
import type { Sewing } from '@thimble/plan/run'
import { useRouter } from 'expo-router'
import { type RefObject, useCallback, useEffect, useRef, useState } from 'react'
import { View } from 'react-native'
import { RunStory } from '@/desk/inRecords'
import { useShelf } from '@/state/store'
import { AdviceBar } from '@/ui/AdviceBar'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { useWide } from '@/ui/useMedia'
import { useRemembered } from '@/ui/whereItWas'
import { Words } from '@/ui/Words'
import { stateWord, whatNow } from '@/words/runWords'
import { startNow } from '../besideNow'
import { DrawingBeside } from '../DrawingBeside'
import { noMarks } from '../hoop/noMarks'
import { PieceComing } from '../PieceComing'
import { type PieceTools, usePieceTools } from '../usePiece'
import { OtherThings } from './OtherThings'
import { RunDrawing } from './RunDrawing'
import { RunFoot } from './RunFoot'
import { RunHead } from './RunHead'
import { RunNumbers } from './RunNumbers'
import { useAwake } from './useAwake'
import { type Course, useCourse, type Who } from './useCourse'
import { type Run, useRun, useSewing } from './useRun'
import { useShake } from './useShake'
import { useTicking } from './useTicking'
import { WhoSews } from './WhoSews'

/** At the machine: what is on the needle, how far it is, and what happened, to be read from two metres. */
export function RunPage({ id }: { id: string }) {
  const piece = useShelf((s) => s.docs.pieces[id])
  return piece ? <AtMachine piece={piece} /> : <PieceComing id={id} title="At the machine" />
}

function AtMachine({ piece }: { piece: Piece }) {
  const tools = usePieceTools(piece)
  const sewing = useSewing(tools)
  if (sewing) return <Sewn tools={tools} sewing={sewing} />
  return (
    <Page title={piece.name} back>
      <Section>
        <Words>
          Nothing is known yet of what is sewn: choose a stack at Build, and give the design with its stitches at
          Measure.
        </Words>
      </Section>
    </Page>
  )
}

function Sewn({ tools, sewing }: { tools: PieceTools; sewing: Sewing }) {
  const { piece } = tools
  const [who, setWho] = useRemembered<Who>(piece.id, 'who sews', 'hand')
  const run = useRun(tools, sewing, who === 'machine')
  const course = useCourse(tools, run, who)
  const moves = run.run.state === 'sewing'
  const stitch = useTicking(run.stitchNow, moves)
  const awake = useAwake(moves)
  useShake(run.run.state)
  const top = useTopWhile(moves)
  const done = useDone(tools, sewing)
  const [other, setOther] = useState(false)
  const last = sewing.group >= sewing.groups - 1
  const foot = <RunFoot {...{ run, stitch, course, last }} onOther={() => setOther(!other)} onDone={done} />
  return (
    <Page title={piece.name} back aside={stateWord(run.run)} tape={false} wideContent foot={foot}>
      <View ref={top} />
      <DrawingBeside
        drawing={<Drawing {...{ tools, run, moves }} />}
        head={<RunHead program={run.program} stitch={stitch} />}
      >
        {other ? <OtherThings {...{ run, course }} onClose={() => setOther(false)} /> : null}
        <Trouble run={run} course={course} who={who} />
        <RunNumbers {...{ run, stitch, course }} />
        {sewing.groups > 1 ? (
          <Words soft style={{ paddingHorizontal: 16 }}>{`Hooping ${sewing.group + 1} of ${sewing.groups}.`}</Words>
        ) : null}
        {run.run.state === 'ready' ? (
          <WhoSews who={who} onWho={setWho} pace={run.machine.told?.now.pace ?? 1} onPace={course.setPace} />
        ) : null}
        {awake.cannot ? (
          <Words soft style={{ paddingHorizontal: 16 }}>
            This browser may let the screen go dark.
          </Words>
        ) : null}
        <RunStory events={run.events} />
      </DrawingBeside>
    </Page>
  )
}

/** What is read from two metres comes into view as the needle begins to go. */
function useTopWhile(moves: boolean): RefObject<View | null> {
  const top = useRef<View>(null)
  useEffect(() => {
    if (moves) (top.current as unknown as HTMLElement | null)?.scrollIntoView({ block: 'start' })
  }, [moves])
  return top
}

const HIGH = 214

function Drawing({ tools: { piece, marked }, run, moves }: { tools: PieceTools; run: Run; moves: boolean }) {
  const { designId } = piece.measure
  const card = useShelf((s) => (designId ? s.docs.designs[designId] : undefined)) ?? null
  const wide = useWide()
  return (
    <RunDrawing
      design={marked.design}
      card={card}
      sewing={run.sewing}
      cloth={piece.build.cloth.colour}
      height={wide ? 520 : HIGH}
      stitchNow={run.stitchNow}
      moves={moves}
    />
  )
}

/** Why the needle stands, or why the machine cannot be asked. */
function Trouble({ run, course, who }: { run: Run; course: Course; who: Who }) {
  const { why, state } = run.run
  const says = state === 'standing' && why ? whatNow[why] : undefined
  const away = who === 'machine' || run.run.by === 'machine' ? run.machine.away : null
  return (
    <>
      {[course.problem, away].map((text) =>
        text ? (
          <Section key={text}>
            <AdviceBar advice={{ code: 'machine', text, severity: 'stop' }} />
          </Section>
        ) : null,
      )}
      {says ? (
        <Section>
          <AdviceBar
            advice={{ code: 'why', text: says, severity: why === 'stopped' || why === 'power' ? 'note' : 'caution' }}
          />
        </Section>
      ) : null}
    </>
  )
}

/** After the last hooping the piece is stitched; after one before it, the next is hooped and looked at. */
function useDone({ piece, set, keep }: PieceTools, { group, groups, at }: Sewing): () => void {
  const router = useRouter()
  return useCallback(() => {
    if (group < groups - 1) {
      set({ hoop: { group: group + 1, landed: noMarks(piece), scale: 1 } })
      return router.replace(at ? `/piece/${piece.id}/straight` : `/piece/${piece.id}`)
    }
    keep('stitch', startNow)
    router.replace(`/piece/${piece.id}`)
  }, [group, groups, at, piece, set, keep, router])
}
