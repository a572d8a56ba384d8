import { Button } from '@rneui/themed'
import { faultNames, howBadNames, verdictNames } from '@thimble/core/records'
import { offMachine } from '@thimble/plan'
import { useRouter } from 'expo-router'
import { Section } from '@/ui/Section'
import { BigNumbers, Words } from '@/ui/Words'
import { landingText } from '@/words/landingWords'
import { OfOrder } from '@/desk/runParts'
import { KeptList } from '../KeptList'
import type { KeptProps } from '../StageProps'
import { useBuilt } from '../usePiece'

/** The record as it was kept, and the way to it in the log. */
export function KeptFinish({ tools }: KeptProps) {
  const router = useRouter()
  const { piece, plan } = tools
  const built = useBuilt(tools)
  const [record] = piece.finish.kept
  if (!record) return null
  const { landing, faults, verdict } = record
  return (
    <>
      <Section title={verdict ? verdictNames[verdict] : 'No verdict'}>
        <BigNumbers>{landingText(landing, plan.style) || 'The landing was not measured.'}</BigNumbers>
        {faults.map((f) => (
          <Words key={f.id} tone="madder">{`${faultNames[f.id]}, ${howBadNames[f.howBad]}`}</Words>
        ))}
        <Button type="outline" title="See it in the log" onPress={() => router.push(`/log/${piece.id}`)} />
      </Section>
      <OfOrder part="NextInRun" piece={piece} />
      <Section title="Off the machine">
        <KeptList lines={offMachine(piece, built)} />
      </Section>
    </>
  )
}
