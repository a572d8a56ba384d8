import { writeMessage } from '@thimble/core/messages'
import { hasRecordProblems, offMachine, usedStack } from '@thimble/plan'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { RecordForm } from './RecordForm'
import { StepLine } from './StepLine'
import { TakenFromStash } from './TakenFromStash'
import { recordNow } from '../besideNow'
import { OfOrder } from '@/shared/orderParts'
import { StageButton } from '../StageButton'
import type { StageProps } from '../StageProps'
import { useBuilt } from '../usePiece'

/** Finish: the steps for the stack that was used, then the record of what was really done. */
export function FinishStage({ tools, onDone }: StageProps) {
  const router = useRouter()
  const { piece, marked, set } = tools
  const built = useBuilt(tools)
  const used = { ...built, stack: usedStack(piece, built) }
  const blocked = hasRecordProblems(piece) || piece.finish.verdict === null
  const log = (): void => {
    onDone(recordNow)
    router.push(`/log/${piece.id}`)
  }
  return (
    <>
      <OfOrder part="NextInBatch" piece={piece} />
      <Section
        title="Off the machine"
        says={used.stack ? undefined : 'The steps follow from the stack, and none was chosen: finish it by its label.'}
      >
        <View>
          {offMachine(piece, used, marked.design.patches).map(({ line, ticked, was, said = null }) => (
            <StepLine
              key={line.code}
              id={line.code}
              title={line.text}
              done={ticked}
              was={was && writeMessage(was)}
              since={piece.finish.timers[line.code] ?? null}
              onChange={(done) => set({ finish: { steps: { [line.code]: done }, stepsSaid: { [line.code]: said } } })}
              onTime={(since) => set({ finish: { timers: { [line.code]: since } } })}
            />
          ))}
        </View>
      </Section>
      <RecordForm tools={tools} />
      <TakenFromStash tools={tools} />
      <ThumbBar>
        <StageButton
          title={piece.finish.reopened ? 'Keep the record' : 'Put it in the log'}
          disabled={blocked}
          onPress={log}
        />
      </ThumbBar>
    </>
  )
}
