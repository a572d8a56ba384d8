import { stash as t } from '@thimble/language/en/stash'
import { Button } from '@rneui/themed'
import type { Machine } from '@thimble/contract'
import { formatFine, formatLength, type LengthStyle } from '@thimble/core/lengths'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { useDocuments } from '@/state/store'
import { useNamed } from '@/state/useShelfDocs'
import { ShelfFold } from './ShelfFold'
import { Heading, Text } from '@/ui/Text'
import { wornAdvice } from '@/words/needleWords'
import { typicalText } from '@/words/typical'
import { StashRow } from './StashRow'

/** The machines, each with what can be dialled at it. */
export function Machines() {
  const router = useRouter()
  const machines = useNamed('machines')
  const loaded = useDocuments((s) => s.loaded)
  const style = useDocuments((s) => s.shop)
  return (
    <ShelfFold title={t('machines')} count={machines.length}>
      <View>
        {machines.map((machine) => (
          <StashRow key={machine.id} href={`/stash/machine/${machine.id}`}>
            <View style={{ flex: 1, minWidth: 0 }}>
              <Heading level={3}>{machine.name}</Heading>
              <Text>{machineLine(machine, style)}</Text>
              <Text soft>{[stepsLine(machine, style), typicalText(machine)].filter(Boolean).join(', ')}</Text>
              {wornAdvice(machine) ? <Text bold>{wornAdvice(machine)!.text}</Text> : null}
            </View>
            <Text soft>{machine.onBench ? t('on-the-bench-2') : t('put-away-2')}</Text>
          </StashRow>
        ))}
      </View>
      {machines.length === 0 && loaded ? <Text soft>{t('no-machines-yet')}</Text> : null}
      <Button type="outline" title={t('add-a-machine')} onPress={() => router.push('/stash/machine/new')} />
    </ShelfFold>
  )
}

function machineLine({ bed, needles, field }: Machine, style: LengthStyle): string {
  const size = `${formatLength(field.width, style)} × ${formatLength(field.height, style)}`
  return t('needle-sews-needles-sews', { needles, which: bed === 'flat' ? t('flat-bed') : t('free-arm'), size })
}

function stepsLine({ turns, angleStep, moveStep }: Machine, style: LengthStyle): string {
  const turned = turns === 'quarter' ? t('turns-by-quarters') : t('turns-by', { angleStep })
  return t('moves-by', { turned, formatFine: formatFine(moveStep, style) })
}
