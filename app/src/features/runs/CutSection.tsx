import type { KindCut } from '@thimble/plan/order'
import { View } from 'react-native'
import { CutDrawing } from '@/drawing/CutDrawing'
import { AdviceBar } from '@/ui/AdviceBar'
import { Opener } from '@/ui/Opener'
import { Section } from '@/ui/Section'
import { Heading, Words } from '@/ui/Words'
import { layerName } from '@/words/stackWords'
import { missingText, stripText, usedText, wasteText } from './runWords'

/** What is cut for a run, roll by roll, to cut by: strips across first, then the pieces of each. */
export function CutSection({ cuts }: { cuts: readonly KindCut[] }) {
  if (cuts.length === 0) return null
  return (
    <Section
      title="Cut from the rolls"
      says="Strips across the roll first, at the dashed lines; then the pieces of each strip. Fold the blade away between cuts."
    >
      {cuts.map((cut) => (
        <KindSection key={cut.kind} cut={cut} />
      ))}
    </Section>
  )
}

function KindSection({ cut: { kind, rolls, waste, missing, atLeast } }: { cut: KindCut }) {
  return (
    <View style={{ gap: 8, paddingTop: 8 }}>
      <Heading level={3}>{layerName(kind)}</Heading>
      {atLeast ? <Words soft>A piece of it has no hoop yet: it may want more.</Words> : null}
      {rolls.map((roll) => (
        <View key={roll.id} style={{ gap: 6 }}>
          <Words>{usedText(roll)}</Words>
          <CutDrawing roll={roll} />
          <Opener title="The measures">
            {roll.strips.map((strip, i) => (
              <Words key={strip.y}>{stripText(strip, i + 1)}</Words>
            ))}
          </Opener>
        </View>
      ))}
      {rolls.length > 0 ? <Words soft>{wasteText(waste)}</Words> : null}
      {missing.map((one) => (
        <AdviceBar
          key={`${one.widthMm} ${one.heightMm}`}
          advice={{ code: 'short', text: missingText(one), severity: 'caution' }}
        />
      ))}
    </View>
  )
}
