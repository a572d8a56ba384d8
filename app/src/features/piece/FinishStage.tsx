import { Button } from '@rneui/themed'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { Section } from '@/ui/Section'
import { ThumbBar } from '@/ui/ThumbBar'
import { TickLine } from '@/ui/TickLine'
import { RecordForm, recordProblems } from './RecordForm'
import type { StageProps } from './StageProps'
import { useChosenRecipe } from './useChosenRecipe'

/** Finish: the steps for this stack and cloth, then the record of what was really done. */
export function FinishStage({ tools, onDone }: StageProps) {
  const router = useRouter()
  const { piece, shelf, set } = tools
  const recipe = useChosenRecipe(tools)
  const blocked = Object.values(recordProblems(piece)).some(Boolean) || piece.record.verdict === null
  const log = (): void => {
    const hoop = shelf.hoops.find((h) => h.id === piece.hoopId)?.name ?? ''
    set({ record: { hoopName: hoop, ...(piece.record.stack ? {} : { stack: piece.stack }) } })
    onDone()
    router.push(`/log/${piece.id}`)
  }
  return (
    <>
      <Section title="Off the machine">
        <View>
          {recipe?.finishing.map((f) => (
            <TickLine
              key={f.code}
              title={f.text}
              done={piece.finishing[f.code] ?? false}
              onChange={(done) => set({ finishing: { [f.code]: done } })}
            />
          ))}
        </View>
      </Section>
      <RecordForm tools={tools} />
      <ThumbBar>
        <Button title={piece.finishedAt ? 'Keep the record' : 'Put it in the log'} disabled={blocked} onPress={log} />
      </ThumbBar>
    </>
  )
}
