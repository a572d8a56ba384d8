import type { KindCut } from '@thimble/plan/order'
import { View } from 'react-native'
import { CutDrawing } from '@/drawing/CutDrawing'
import { AdviceBar } from '@/ui/AdviceBar'
import { Opener } from '@/ui/Opener'
import { Section } from '@/ui/Section'
import { Heading, Words } from '@/ui/Words'
import { layerName } from '@/words/stackWords'
import { missingText, usedText, wasteText } from './runWords'

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

function KindSection({ cut: { kind, rolls, plan, missing } }: { cut: KindCut }) {
  return (
    <View style={{ gap: 8, paddingTop: 8 }}>
      <Heading level={3}>{layerName(kind)}</Heading>
      {rolls.map((roll) => {
        const used = plan.used.find((one) => one.roll === roll.id)!.length
        const cuts = plan.cuts.filter((one) => one.roll === roll.id)
        const strips = plan.strips.filter((one) => one.roll === roll.id)
        return (
          <View key={roll.id} style={{ gap: 6 }}>
            <Words>{usedText(roll, used)}</Words>
            <CutDrawing width={roll.widthMm} length={roll.lengthMm} used={used} cuts={cuts} strips={strips} />
            <Opener title="The measures">
              {strips.map(({ y, height }, i) => (
                <Words key={y}>
                  {`Strip ${i + 1}, cut at ${Math.round(y + height)} mm: ${cuts
                    .filter((one) => Math.abs(one.y - y) < 0.01)
                    .map((one) => `${Math.round(one.width)} × ${Math.round(one.height)}`)
                    .join(', ')}`}
                </Words>
              ))}
            </Opener>
          </View>
        )
      })}
      {rolls.length > 0 ? <Words soft>{wasteText(plan.waste)}</Words> : null}
      {missing.map((one) => (
        <AdviceBar
          key={`${one.widthMm} ${one.heightMm}`}
          advice={{ code: 'short', text: missingText(one), severity: 'caution' }}
        />
      ))}
    </View>
  )
}
