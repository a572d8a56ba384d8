import { layers as t } from '@thimble/language/en/layers'
import { writeMessage } from '@thimble/language'
import { isDone, listsOf, reasonsOf, reasonsToday, tensionOf } from '@thimble/plan'
import { AdviceBar } from '@/ui/AdviceBar'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { clothName } from '@/words/clothWords'
import { stackTitle } from '@/words/stackWords'
import { StackView } from './StackView'
import type { DecidedProps } from './StageProps'
import { useBuildPlan } from './usePiece'
import { Why } from './Why'

/** The stack as it was decided, with the reasons and numbers it was decided by. */
export function BuildDecided({ tools }: DecidedProps) {
  const today = useBuildPlan(tools).basis
  const { piece } = tools
  const [kept] = piece.build.kept
  if (!kept) return null
  const { stack, basis } = kept
  const cloth = clothName(basis.cloth.family)
  if (!stack)
    return (
      <Section title={t('no-layers-chosen')}>
        <Text>{cloth}</Text>
        <Text soft>{t('you-can-say-what-was')}</Text>
      </Section>
    )
  const reasons = isDone(piece, 'finish') ? reasonsOf(kept) : reasonsToday(kept, today)
  const tension = tensionOf(kept)
  return (
    <>
      <Section title={stackTitle(stack)} says={cloth}>
        <StackView tools={tools} stack={stack} basis={basis} />
        {tension ? <Text soft>{writeMessage(tension, tools.plan.style)}</Text> : null}
        {listsOf(kept).cautions.map((c) => (
          <AdviceBar key={c.code} advice={c} />
        ))}
      </Section>
      <Why because={reasons} />
    </>
  )
}
