import { stitch as t } from '@thimble/language/en/stitch'
import { Button } from '@rneui/themed'
import { countText, writeMessage } from '@thimble/language'
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
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { CheckboxRow } from '@/ui/CheckboxRow'
import { useSay } from '@/ui/useSay'
import { Text } from '@/ui/Text'
import { otherNeedleAdvice, wornAdvice } from '@/words/needleWords'
import { startNow } from './besideNow'
import { AboutPiece } from './AboutPiece'
import { DecidedMove } from './hoop/DecidedMove'
import { HoopingsDone } from './HoopingsDone'
import { PinCount } from './PinCount'
import { stateWord } from '@/words/runWords'
import { useSewing } from './stitching/useStitching'
import { StageButton } from './StageButton'
import type { StageProps } from './StageProps'
import { ThreadsInOrder } from './ThreadsInOrder'
import { plansOf, useBuilt, useHoopPlan } from './usePiece'

type Tools = Pick<StageProps, 'tools'>

/** What to dial, and the way to see how the piece landed in its hoop. */
function Dial({ tools, group }: Tools & { group: number }) {
  const { piece } = tools
  const [kept] = piece.hoop.kept
  if (!kept?.hoop || !kept.pose) return null
  const checked = triesOf(piece).some((one) => one.then === 'kept' && one.group === group)
  return (
    <Section>
      <DecidedMove tools={tools} />
      <RowLink href={`/piece/${piece.id}/straight`} style={{ minHeight: 44, justifyContent: 'center' }}>
        <Text bold tone="indigo">
          {checked ? t('check-alignment-again') : t('check-alignment-first')}
        </Text>
      </RowLink>
    </Section>
  )
}

/** Where the needle in the machine is not the one the stack asks for, or is worn. */
function NeedleIn({ tools }: Tools) {
  const { stack } = useBuilt(tools)
  const at = useHoopPlan(tools).machine.id
  const machine = tools.shelf.machines.find(({ id }) => id === at)
  if (!machine || !stack) return null
  // Another needle is a fresh one.
  const said = [otherNeedleAdvice(machine, stack) ?? wornAdvice(machine)].flatMap((advice) => advice ?? [])
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

/** Stitch: what to dial, the list before the start made for this piece, and the way to the machine. */
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
      <Dial tools={tools} group={group} />
      <NeedleIn tools={tools} />
      <Section
        title={many ? t('before-you-start-hooping', { group: group + 1 }) : t('before-you-start')}
        says={built.stack ? undefined : t('the-list-follows-from-the')}
      >
        <View>
          {lines.map(({ line, ticked, was, said = null }) => (
            <CheckboxRow
              key={line.code}
              title={writeMessage(line.said, tools.plan.style)}
              done={ticked}
              was={was && writeMessage(was, tools.plan.style)}
              onChange={(done) => {
                const id = tickId(group, line.code)
                set({ stitch: { checks: { [id]: done }, checksSaid: { [id]: said } } })
              }}
            />
          ))}
        </View>
        <PinCount id={piece.id} onChange={(pins) => set({ stitch: { pins } })} />
        <Cautions tools={tools} />
      </Section>
      <ThreadsInOrder
        colours={marked.design.colours}
        patches={marked.design.patches}
        program={sewing?.program ?? null}
        spools={piece.build.spools}
        fine={fineThreads(built)}
      />
      <AboutPiece piece={piece} />
      <Actions tools={tools} open={lines.filter(({ ticked }) => !ticked).length} onDone={onDone} />
    </>
  )
}

/** What may hurt at the machine; the others were said where they were decided. */
const AT_MACHINE = new Set(['safe.blades', 'safe.thick', 'safe.magnets'])

function Cautions({ tools }: Tools) {
  const say = useSay()
  const cautions = listsOf(useBuilt(tools)).cautions.filter(({ code }) => AT_MACHINE.has(code))
  const texts = [...cautions.map(({ said }) => say(said)), t('power-off-before-you-touch')]
  return <Text soft>{texts.join(' ')}</Text>
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
    ? t('of-hoopings-are-sewn-finish', { sewn, all })
    : t('only-of-stitches-are-sewn', { count: countText(sewn), count2: countText(all) })

function Actions({ tools, open, onDone }: Pick<StageProps, 'tools' | 'onDone'> & { open: number }) {
  const router = useRouter()
  const run = useRunSoFar(tools)
  const left = useUnsewn(tools)
  const [asked, setAsked] = useState(false)
  const says = open > 0 ? t('not-ticked', { open }) : t('all-ticked')
  return (
    <ThumbBar>
      <Text soft>
        {run && run.state !== 'ready'
          ? t('at-stitch', { stateWord: stateWord(run), count: countText(run.stitch) })
          : says}
      </Text>
      {asked && left ? <AdviceBar advice={{ code: 'unsewn', severity: 'caution', text: unsewnText(left) }} /> : null}
      <View style={{ flexDirection: 'row', gap: 12 }}>
        {run ? (
          <View style={{ flex: 1.3 }}>
            <Button
              title={run.state === 'ready' ? t('to-the-machine') : t('back-to-the-machine')}
              onPress={() => router.push(`/piece/${tools.piece.id}/run`)}
            />
          </View>
        ) : null}
        <View style={{ flex: 1 }}>
          <StageButton
            plain={run !== null}
            title={asked && left ? t('finish-anyway') : t('stitched')}
            onPress={() => (left && !asked ? setAsked(true) : onDone(startNow))}
          />
        </View>
      </View>
    </ThumbBar>
  )
}
