import { layers as t } from '@thimble/language/en/layers'
import type { Basis, DecidedStack } from '@thimble/contract'
import { judgementsOf } from '@thimble/plan/judging'
import { AdviceBar } from '@/ui/AdviceBar'
import { useSay } from '@/ui/useSay'
import { Text } from '@/ui/Text'

/** What is good and bad about a stack of the worker's own: faults as bars, what speaks for it in one line. */
export function StackJudged({ stack, basis }: { stack: DecidedStack; basis: Basis }) {
  const say = useSay()
  const judged = judgementsOf({ basis, stack })
  // How it is held is said where that is chosen.
  const faults = judged.filter((j) => j.verdict === 'fault' && !j.rule.startsWith('hold.'))
  const merits = judged.filter((j) => j.verdict === 'merit')
  return (
    <>
      {faults.map(({ rule, said, severity }) => (
        <AdviceBar key={rule} advice={{ code: rule, said, severity }} />
      ))}
      {merits.length > 0 ? <Text soft>{t('good', { merits: merits.map((j) => say(j.said)).join(' ') })}</Text> : null}
    </>
  )
}
