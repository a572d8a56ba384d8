import { offMachine, recordProblems, usedStack } from '@thimble/plan'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { TickLine } from '@/ui/TickLine'
import { RecordForm } from './RecordForm'
import { TakenFromStash } from './TakenFromStash'
import { StageButton } from './StageButton'
import type { StageProps } from './StageProps'
import { useBuilt } from './usePiece'

/** Finish: the steps for the stack that was used, then the record of what was really done. */
export function FinishStage({ tools, onDone }: StageProps) {
  const router = useRouter()
  const { piece, set } = tools
  const built = useBuilt(tools)
  const used = { basis: built.basis, stack: usedStack(piece, built) }
  const blocked = Object.values(recordProblems(piece)).some(Boolean) || piece.finish.verdict === null
  const log = (): void => {
    onDone()
    router.push(`/log/${piece.id}`)
  }
  return (
    <>
      <Section
        title="Off the machine"
        says={used.stack ? undefined : 'The steps follow from the stack, and none was chosen: finish it by its label.'}
      >
        <View>
          {offMachine(piece, used).map(({ line, ticked }) => (
            <TickLine
              key={line.code}
              title={line.text}
              done={ticked}
              onChange={(done) => set({ finish: { steps: { [line.code]: done } } })}
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
