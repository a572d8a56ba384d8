import { Button } from '@rneui/themed'
import { beforeStart, listsOf, triesOf } from '@thimble/plan'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { AdviceBar } from '@/ui/AdviceBar'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { TickLine } from '@/ui/TickLine'
import { useUnits } from '@/ui/useUnits'
import { Words } from '@/ui/Words'
import { otherNeedleAdvice, wornAdvice } from '@/words/needleWords'
import { StageButton } from './StageButton'
import type { StageProps } from './StageProps'
import { ThreadsInOrder } from './ThreadsInOrder'
import { useBuilt, useHoopPlan } from './usePiece'

/** Where it was not looked at yet how the piece landed in its hoop, the way there. */
function StraightFirst({ tools: { piece } }: Pick<StageProps, 'tools'>) {
  const router = useRouter()
  const [kept] = piece.hoop.kept
  if (!kept?.hoop || !kept.pose || triesOf(piece).some((one) => one.then === 'kept')) return null
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
function NeedleIn({ tools }: Pick<StageProps, 'tools'>) {
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

/** Stitch: the list before the start, made from the stack that is really there, and the colours in order. */
export function StitchStage({ tools, onDone }: StageProps) {
  const { piece, marked, set } = tools
  const inUnits = useUnits()
  const built = useBuilt(tools)
  const lines = beforeStart(piece, built)
  const open = lines.filter(({ ticked }) => !ticked).length
  return (
    <>
      <StraightFirst tools={tools} />
      <NeedleIn tools={tools} />
      <Section
        title="Before the start"
        says={built.stack ? undefined : 'The list is made from the stack; choose one at Build for its own list.'}
      >
        <View>
          {lines.map(({ line, ticked }) => (
            <TickLine
              key={line.code}
              title={line.text}
              done={ticked}
              onChange={(done) => set({ stitch: { checks: { [line.code]: done } } })}
            />
          ))}
        </View>
        {listsOf(built).cautions.map((c) => (
          <Words soft key={c.code}>
            {inUnits(c.text)}
          </Words>
        ))}
        <Words soft>Power off to change a needle or clear a nest. Stay by the machine.</Words>
      </Section>
      <ThreadsInOrder colours={marked.design.colours} />
      <ThumbBar>
        {open > 0 ? <Words soft>{`${open} ${open === 1 ? 'line is' : 'lines are'} not ticked yet.`}</Words> : null}
        <StageButton title="Stitched" onPress={onDone} />
      </ThumbBar>
    </>
  )
}
