import { faultNames, howBadNames, verdictNames } from '@thimble/language'
import { finish as t } from '@thimble/language/en/finish'
import { Button } from '@rneui/themed'
import { offMachine } from '@thimble/plan'
import { useRouter } from 'expo-router'
import { Fold } from '@/ui/Fold'
import { Section } from '@/ui/Section'
import { BigNumbers, Text } from '@/ui/Text'
import { landingText } from '@/words/landingWords'
import { OfOrder } from '@/shared/orderParts'
import { DecidedList } from '../DecidedList'
import type { DecidedProps } from '../StageProps'
import { useBuilt } from '../usePiece'

/** The record as it was kept, and the way to it in the log. */
export function FinishDecided({ tools }: DecidedProps) {
  const router = useRouter()
  const { piece, plan, marked } = tools
  const built = useBuilt(tools)
  const [record] = piece.finish.kept
  if (!record) return null
  const { landing, faults, verdict } = record
  const steps = offMachine(piece, built, marked.design.patches)
  return (
    <>
      <Section title={verdict ? verdictNames[verdict] : t('no-verdict')}>
        <BigNumbers>{landingText(landing, plan.style) || t('not-measured-where-it-landed')}</BigNumbers>
        {faults.map((f) => (
          <Text key={f.id} tone="madder">{`${faultNames[f.id]}, ${howBadNames[f.howBad]}`}</Text>
        ))}
        <Button type="outline" title={t('view-in-the-log')} onPress={() => router.push(`/log/${piece.id}`)} />
      </Section>
      <OfOrder part="NextInBatch" piece={piece} />
      <Fold
        title={t('off-the-machine')}
        answer={t('of-done', { steps: steps.filter(({ ticked }) => ticked).length, steps2: steps.length })}
      >
        <DecidedList lines={steps} />
      </Fold>
    </>
  )
}
