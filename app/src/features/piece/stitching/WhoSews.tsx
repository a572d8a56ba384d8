import { paces } from '@thimble/contract/sewingMachine'
import { Choices } from '@/ui/Choices'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import type { Who } from './useCourse'

type Props = {
  who: Who
  onWho: (who: Who) => void
  pace: number
  onPace: (pace: number) => void
}

/** Whether the worker taps along at a machine of their own, or the one that stands in sews. */
export function WhoSews({ who, onWho, pace, onPace }: Props) {
  return (
    <Section title="Machine">
      <Choices
        label="The machine"
        choices={[
          { id: 'hand', name: 'I log it by hand' },
          { id: 'machine', name: 'Practice machine' },
        ]}
        value={who}
        onChange={onWho}
      />
      {who === 'machine' ? (
        <>
          <PaceOfTime pace={pace} onPace={onPace} />
          <Text soft>
            It acts like a machine, thread breaks and all. Nothing real moves, and the log doesn’t count it.
          </Text>
        </>
      ) : null}
    </Section>
  )
}

/** How fast the practice machine's time goes, before it sews and while it does. */
export const PaceOfTime = ({ pace, onPace }: Pick<Props, 'pace' | 'onPace'>) => (
  <Choices
    label="Practice speed"
    choices={paces.map((n) => ({ id: String(n), name: n === 1 ? 'Real time' : `${n} times` }))}
    value={String(pace)}
    onChange={(id) => onPace(Number(id))}
  />
)
