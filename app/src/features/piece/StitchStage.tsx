import { Button } from '@rneui/themed'
import { writeMessage } from '@thimble/core/messages'
import { fineThreads, listsOf, triesOf } from '@thimble/plan'
import {
  eventsOf,
  type StitchingProgress,
  stitchingProgress,
  startFacts,
  startLines,
  tickId,
  type Unsewn,
  unsewn,
} from '@thimble/plan/stitching'
import { useRouter } from 'expo-router'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import { useDocs, useNamed } from '@/state/useShelfDocs'
import { AdviceBar } from '@/ui/AdviceBar'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { useUnits } from '@/ui/useUnits'
import { Text } from '@/ui/Text'
import { otherNeedleAdvice, wornAdvice } from '@/words/needleWords'
import { startNow } from './besideNow'
import { HoopingsDone } from './HoopingsDone'
import { PinCount } from './PinCount'
import { countText } from '@/words/countText'
import { stateWord } from '@/words/runWords'
import { useSewing } from './stitching/useStitching'
import { StageButton } from './StageButton'
import type { StageProps } from './StageProps'
import { ThreadsInOrder } from './ThreadsInOrder'
import { plansOf, useBuilt, useHoopPlan } from './usePiece'

type Tools = Pick<StageProps, 'tools'>

/** Where it was not looked at yet how the piece landed in its hoop, the way there. */
function StraightFirst({ tools: { piece }, group }: Tools & { group: number }) {
  const router = useRouter()
  const [kept] = piece.hoop.kept
  if (!kept?.hoop || !kept.pose || triesOf(piece).some((one) => one.then === 'kept' && one.group === group)) return null
  return (
    <Section says="Hooped it? Look first how it lies in the hoop, and dial that.">
      <Button
        type="outline"
        title="Is it straight enough?"
        onPress={() => router.push(`/piece/${piece.id}/straight`)}
      />
    </Section>
  )
}

/** Where the needle in the machine is not the one the stack asks for, or is worn. */
function NeedleIn({ tools }: Tools) {
  const { stack } = useBuilt(tools)
  const at = useHoopPlan(tools).machine.id
  const machine = tools.shelf.machines.find(({ id }) => id === at)
  if (!machine || !stack) return null
  const said = [otherNeedleAdvice(machine, stack), wornAdvice(machine)].flatMap((advice) => advice ?? [])
  if (said.length === 0) return null
  return (
    <Section>
      {said.map((advice) => (
        <AdviceBar key={advice.code} advice={advice} />
      ))}
    </Section>
  )
}

/** The list before the start of the hooping at hand, with its numbers. */
function useStartList(tools: StageProps['tools']) {
  const { piece, shelf } = tools
  const [threads, bobbins, events] = [useNamed('threads'), useNamed('bobbins'), useDocs('runEvents')]
  const sewing = useSewing(tools)
  const lines = useMemo(() => {
    const plans = plansOf(piece, shelf)
    return startLines(piece, plans.built, startFacts(piece, plans, sewing, { ...shelf, threads, bobbins, events }))
  }, [piece, shelf, threads, bobbins, events, sewing])
  return { lines, sewing }
}

/** Stitch: the list before the start, made for this piece as it is held and loaded, and the way to the machine. */
export function StitchStage({ tools, onDone }: StageProps) {
  const { piece, marked, set } = tools
  const built = useBuilt(tools)
  const { lines, sewing } = useStartList(tools)
  const group = sewing?.group ?? 0
  const many = (sewing?.groups ?? 1) > 1
  return (
    <>
      {sewing && many ? (
        <HoopingsDone piece={piece} sewing={sewing} onPick={(to) => set({ hoop: { group: to } })} />
      ) : null}
      <StraightFirst tools={tools} group={group} />
      <NeedleIn tools={tools} />
      <Section
        title={many ? `Before the start of hooping ${group + 1}` : 'Before the start'}
        says={built.stack ? undefined : 'The list is made from the stack; choose one at Build for its own list.'}
      >
        <PinCount id={piece.id} onChange={(pins) => set({ stitch: { pins } })} />
        <View>
          {lines.map(({ line, ticked, was, said = null }) => (
            <CheckboxRow
              key={line.code}
              title={line.text}
              done={ticked}
              was={was && writeMessage(was)}
              large
              onChange={(done) => {
                const id = tickId(group, line.code)
                set({ stitch: { checks: { [id]: done }, checksSaid: { [id]: said } } })
              }}
            />
          ))}
        </View>
        <Cautions tools={tools} />
      </Section>
      <ThreadsInOrder
        colours={marked.design.colours}
        patches={marked.design.patches}
        program={sewing?.program ?? null}
        spools={piece.build.spools}
        fine={fineThreads(built)}
      />
      <Actions tools={tools} open={lines.filter(({ ticked }) => !ticked).length} onDone={onDone} />
    </>
  )
}

function Cautions({ tools }: Tools) {
  const inUnits = useUnits()
  const built = useBuilt(tools)
  return (
    <>
      {listsOf(built).cautions.map((c) => (
        <Text soft key={c.code}>
          {inUnits(c.text)}
        </Text>
      ))}
      <Text soft>Power off to change a needle or clear a nest. Stay by the machine.</Text>
    </>
  )
}

/** How far the run of the hooping at hand has come, where it is known what is sewn. */
function useRunSoFar(tools: StageProps['tools']): StitchingProgress | null {
  const events = useDocs('runEvents')
  const sewing = useSewing(tools)
  const { id } = tools.piece
  return useMemo(
    () => sewing && stitchingProgress(eventsOf(events, id, sewing.group), sewing.program),
    [events, id, sewing],
  )
}

/** What is not sewn yet of a piece that was begun at the machine. */
function useUnsewn({ piece, shelf }: StageProps['tools']): Unsewn | null {
  const [threads, events] = [useNamed('threads'), useDocs('runEvents')]
  return useMemo(
    () => unsewn(piece, plansOf(piece, shelf), { ...shelf, threads }, events),
    [piece, shelf, threads, events],
  )
}

const unsewnText = ({ of, sewn, all }: Unsewn): string =>
  of === 'hoopings'
    ? `${sewn} of ${all} hoopings are sewn. Finish it all the same?`
    : `It stands at stitch ${countText(sewn)} of ${countText(all)}. Finish it all the same?`

function Actions({ tools, open, onDone }: Pick<StageProps, 'tools' | 'onDone'> & { open: number }) {
  const router = useRouter()
  const run = useRunSoFar(tools)
  const left = useUnsewn(tools)
  const [asked, setAsked] = useState(false)
  const says = open > 0 ? `${open} ${open === 1 ? 'line is' : 'lines are'} not ticked yet.` : 'All ticked.'
  return (
    <ThumbBar>
      <Text soft>{run && run.state !== 'ready' ? `${stateWord(run)}, at stitch ${countText(run.stitch)}` : says}</Text>
      {run ? (
        <Button
          title={run.state === 'ready' ? 'To the machine' : 'Back to the machine'}
          onPress={() => router.push(`/piece/${tools.piece.id}/run`)}
        />
      ) : null}
      {asked && left ? <AdviceBar advice={{ code: 'unsewn', severity: 'caution', text: unsewnText(left) }} /> : null}
      <StageButton
        plain={run !== null}
        title={asked && left ? 'Finish it all the same' : 'Stitched'}
        onPress={() => (left && !asked ? setAsked(true) : onDone(startNow))}
      />
    </ThumbBar>
  )
}
