import { stitch as t } from '@thimble/language/en/stitch'
import type { Piece } from '@thimble/contract'
import type { Sewing } from '@thimble/plan/stitching'
import { useRouter } from 'expo-router'
import { type RefObject, useCallback, useEffect, useRef, useState } from 'react'
import { View } from 'react-native'
import { RunStory } from '@/shared/inRecords'
import { useDocuments } from '@/state/store'
import { AdviceBar } from '@/ui/AdviceBar'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { useWide } from '@/ui/useMedia'
import { useRemembered } from '@/ui/scrollMemory'
import { Text } from '@/ui/Text'
import { stateWord, whatNow } from '@/words/runWords'
import { startNow } from '../besideNow'
import { DrawingBeside } from '../DrawingBeside'
import { MoveBoxes } from '../hoop/MoveBoxes'
import { noMarks } from '../hoop/noMarks'
import { PieceComing } from '../PieceComing'
import { type PieceTools, usePieceTools } from '../usePiece'
import { OtherThings } from './OtherThings'
import { StitchingDrawing } from './StitchingDrawing'
import { StitchingFoot } from './StitchingFoot'
import { StitchingHead } from './StitchingHead'
import { StitchingNumbers } from './StitchingNumbers'
import { useAwake } from './useAwake'
import { type Course, useCourse, type Who } from './useCourse'
import { type Stitching, useStitching, useSewing } from './useStitching'
import { useShake } from './useShake'
import { useTicking } from './useTicking'
import { PaceOfTime, WhoSews } from './WhoSews'

/** At the machine: what is on the needle, how far it is, and what happened, to be read from two metres. */
export function StitchingPage({ id }: { id: string }) {
  const piece = useDocuments((s) => s.docs.pieces[id])
  return piece ? <AtMachine piece={piece} /> : <PieceComing id={id} title={t('at-the-machine')} />
}

function AtMachine({ piece }: { piece: Piece }) {
  const tools = usePieceTools(piece)
  const sewing = useSewing(tools)
  if (sewing) return <Sewn tools={tools} sewing={sewing} />
  return (
    <Page title={piece.name} back>
      <Section>
        <Text>{t('choose-the-layers-first')}</Text>
      </Section>
    </Page>
  )
}

function Sewn({ tools, sewing }: { tools: PieceTools; sewing: Sewing }) {
  const { piece } = tools
  const [who, setWho] = useRemembered<Who>(piece.id, 'who sews', 'hand')
  const run = useStitching(tools, sewing, who === 'machine')
  const course = useCourse(tools, run, who)
  const moves = run.run.state === 'sewing'
  const stitch = useTicking(run.stitchNow, moves)
  const awake = useAwake(moves)
  useShake(run.run.state)
  const top = useTopWhile(moves)
  const done = useDone(tools, sewing)
  const [other, setOther] = useState(false)
  const last = sewing.group >= sewing.groups - 1
  const foot = <StitchingFoot {...{ run, stitch, course, last }} onOther={() => setOther(!other)} onDone={done} />
  return (
    <Page title={piece.name} back aside={stateWord(run.run)} tape={false} wideContent foot={foot}>
      <View ref={top} />
      <DrawingBeside
        drawing={<Drawing {...{ tools, run, moves }} />}
        head={<StitchingHead program={run.program} stitch={stitch} spools={sewing.spools} fine={sewing.fine} />}
      >
        {other ? <OtherThings {...{ run, course }} onClose={() => setOther(false)} /> : null}
        <Trouble run={run} course={course} who={who} />
        {sewing.move && run.run.state === 'ready' ? (
          <Section title={t('dial-in')}>
            <MoveBoxes move={sewing.move} />
          </Section>
        ) : null}
        <StitchingNumbers {...{ run, stitch, course }} />
        {sewing.groups > 1 ? (
          <Text soft style={{ paddingHorizontal: 16 }}>
            {t('hooping-of', { group: sewing.group + 1, groups: sewing.groups })}
          </Text>
        ) : null}
        {run.run.state === 'ready' ? (
          <WhoSews who={who} onWho={setWho} pace={run.machine.told?.now.pace ?? 1} onPace={course.setPace} />
        ) : null}
        {run.run.by === 'machine' && run.linked && run.run.state !== 'ready' && run.run.state !== 'done' ? (
          <Section>
            <PaceOfTime pace={run.linked.now.pace} onPace={course.setPace} />
          </Section>
        ) : null}
        {awake.cannot ? (
          <Text soft style={{ paddingHorizontal: 16 }}>
            {t('this-browser-may-let-the')}
          </Text>
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

function Drawing({ tools: { piece, marked }, run, moves }: { tools: PieceTools; run: Stitching; moves: boolean }) {
  const { designId } = piece.measure
  const card = useDocuments((s) => (designId ? s.docs.designs[designId] : undefined)) ?? null
  const wide = useWide()
  return (
    <StitchingDrawing
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
function Trouble({ run, course, who }: { run: Stitching; course: Course; who: Who }) {
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
