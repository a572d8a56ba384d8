import { many } from '@thimble/language/en/counts'
import { finish as t } from '@thimble/language/en/finish'
import type { Supply, Take } from '@thimble/contract'
import { leftBefore, consumptionOfRecord } from '@thimble/plan/consumption'
import { View } from 'react-native'
import { useNamed } from '@/state/useShelfDocs'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Fold } from '@/ui/Fold'
import { Text } from '@/ui/Text'
import { amountText, leftAfterText } from '@/words/stockWords'
import { plansOf, type PieceTools } from '../usePiece'

/** What the record takes of the stash as it is kept: length of rolls, metres of spools; of which roll can be changed. */
export function TakenFromStash({ tools }: { tools: PieceTools }) {
  const { piece, shelf } = tools
  const supplies = useNamed('supplies')
  const threads = useNamed('threads')
  const bobbins = useNamed('bobbins')
  const takes = consumptionOfRecord(piece, plansOf(piece, shelf), { ...shelf, supplies, threads }, bobbins)
  const shelved = takes.filter(({ of }) => of === 'supplies.leftMm' || of === 'threads.leftM')
  if (shelved.length === 0) return null
  const stands = (ofId: string): number | null =>
    supplies.find(({ id }) => id === ofId)?.leftMm ?? threads.find(({ id }) => id === ofId)?.leftM ?? null
  return (
    <Fold title={t('from-the-stash')} answer={many(shelved.length, 'thing')}>
      <Text soft>{t('deducted-when-you-save-returned')}</Text>
      <View role="list">
        {shelved.map((take) => (
          <Taken key={take.ofId} take={take} left={leftBefore(take, stands(take.ofId), piece.finish.kept[0]?.took)}>
            <OtherRoll take={take} supplies={supplies} tools={tools} />
          </Taken>
        ))}
      </View>
    </Fold>
  )
}

function Taken({ take, left, children }: { take: Take; left: number | null; children: React.ReactNode }) {
  const p = usePalette()
  const after = leftAfterText(take.of, left, take.amount)
  return (
    <View role="listitem" style={{ borderTopWidth: 1, borderTopColor: p.seam, paddingVertical: 8, gap: 8 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        <View style={{ flex: 1, minWidth: 0 }}>
          <Text>{take.name}</Text>
          <Text soft={!after.wrong} tone={after.wrong ? 'madder' : undefined}>
            {after.says}
          </Text>
        </View>
        <Text bold>{amountText(take.of, take.amount)}</Text>
      </View>
      {children}
    </View>
  )
}

/** Where the stash has more than one roll of a kind: of which it was cut. */
function OtherRoll({ take, supplies, tools }: { take: Take; supplies: readonly Supply[]; tools: PieceTools }) {
  const kind = supplies.find(({ id }) => id === take.ofId)?.kind
  const alike = supplies.filter((supply) => supply.kind === kind)
  if (!kind || alike.length < 2) return null
  return (
    <Choices
      label={t('cut-of')}
      choices={alike.map(({ id, name }) => ({ id, name }))}
      value={take.ofId}
      onChange={(id) => tools.set({ finish: { rolls: { [kind]: id } } })}
    />
  )
}
