import { finish as t } from '@thimble/language/en/finish'
import { writeMessage } from '@thimble/language'
import { hasRecordProblems, offMachine, usedStack } from '@thimble/plan'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { Text } from '@/ui/Text'
import { AboutPiece } from '../AboutPiece'
import { RecordForm } from './RecordForm'
import { StepLine } from './StepLine'
import { TakenFromStash } from './TakenFromStash'
import { recordNow } from '../besideNow'
import { OfOrder } from '@/shared/orderParts'
import { StageButton } from '../StageButton'
import type { StageProps } from '../StageProps'
import { type PieceTools, useBuilt } from '../usePiece'

/** Finish: the steps for the layers that were used, how it came out, and a line for all else that is kept of it. */
export function FinishStage({ tools, onDone }: StageProps) {
  const router = useRouter()
  const { piece } = tools
  const blocked = hasRecordProblems(piece) || piece.finish.verdict === null
  const log = (): void => {
    onDone(recordNow)
    router.push(`/log/${piece.id}`)
  }
  return (
    <>
      <OffMachine tools={tools} />
      <RecordForm tools={tools} />
      <TakenFromStash tools={tools} />
      <OfOrder part="NextInBatch" piece={piece} />
      <AboutPiece piece={piece} />
      <ThumbBar>
        {piece.finish.verdict === null ? <Text soft>{t('not-rated-yet')}</Text> : null}
        <StageButton title={piece.finish.reopened ? t('save') : t('save-to-log')} disabled={blocked} onPress={log} />
      </ThumbBar>
    </>
  )
}

function OffMachine({ tools: { piece, marked, set, ...rest } }: { tools: PieceTools }) {
  const built = useBuilt({ piece, marked, ...rest })
  const used = { ...built, stack: usedStack(piece, built) }
  return (
    <Section title={t('off-the-machine')} says={used.stack ? undefined : t('no-layers-were-chosen-finish')}>
      <View>
        {offMachine(piece, used, marked.design.patches).map(({ line, ticked, was, said = null }) => (
          <StepLine
            key={line.code}
            id={line.code}
            title={writeMessage(line.said, rest.plan.style)}
            done={ticked}
            was={was && writeMessage(was)}
            since={piece.finish.timers[line.code] ?? null}
            onChange={(done) => set({ finish: { steps: { [line.code]: done }, stepsSaid: { [line.code]: said } } })}
            onTime={(since) => set({ finish: { timers: { [line.code]: since } } })}
          />
        ))}
      </View>
    </Section>
  )
}
