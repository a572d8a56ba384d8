import { orders as t } from '@thimble/language/en/orders'
import type { KindCut, PieceWork } from '@thimble/plan/schedule'
import { View } from 'react-native'
import { CutDrawing } from '@/drawing/CutDrawing'
import { AdviceBar } from '@/ui/AdviceBar'
import { Disclosure } from '@/ui/Disclosure'
import { Section } from '@/ui/Section'
import { Heading, Text } from '@/ui/Text'
import { layerName } from '@/words/stackWords'
import { missingText, stripText, usedText, wasteText } from '@/words/workWords'
import { CutDone } from './CutDone'

/** What is cut for a run, roll by roll, to cut by: strips across first, then the pieces of each. */
export function CutSection({ cuts, works }: { cuts: readonly KindCut[]; works: readonly PieceWork[] }) {
  const wanted = works.filter(({ layers }) => layers.length > 0)
  if (cuts.length === 0)
    return works.some(({ cut }) => cut) ? (
      <Section title={t('cut-from-the-rolls')}>
        <Text>{t('all-of-it-is-cut')}</Text>
      </Section>
    ) : null
  return (
    <Section title={t('cut-from-the-rolls')} says={t('cut-strips-across-the-roll')}>
      {cuts.map((cut) => (
        <KindSection key={cut.kind} cut={cut} />
      ))}
      {cuts.every(({ missing }) => missing.length === 0) ? <CutDone cuts={cuts} works={wanted} /> : null}
    </Section>
  )
}

function KindSection({ cut: { kind, rolls, waste, missing, atLeast } }: { cut: KindCut }) {
  return (
    <View style={{ gap: 8, paddingTop: 8 }}>
      <Heading level={3}>{layerName(kind)}</Heading>
      {atLeast ? <Text soft>{t('a-piece-has-no-hoop')}</Text> : null}
      {rolls.map((roll) => (
        <View key={roll.id} style={{ gap: 6 }}>
          <Text>{usedText(roll)}</Text>
          <CutDrawing roll={roll} />
          <Disclosure title={t('the-measures')}>
            {roll.strips.map((strip, i) => (
              <Text key={strip.y}>{stripText(strip, i + 1)}</Text>
            ))}
          </Disclosure>
        </View>
      ))}
      {rolls.length > 0 ? <Text soft>{wasteText(waste)}</Text> : null}
      {missing.map((one) => (
        <AdviceBar
          key={`${one.widthMm} ${one.heightMm}`}
          advice={{ code: 'short', text: missingText(one), severity: 'caution' }}
        />
      ))}
    </View>
  )
}
