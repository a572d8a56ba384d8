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
    <Section title="Who sews">
      <Choices
        label="The machine"
        choices={[
          { id: 'hand', name: 'My machine; I tap along' },
          { id: 'machine', name: 'The stand-in machine' },
        ]}
        value={who}
        onChange={onWho}
      />
      {who === 'machine' ? (
        <>
          <Choices
            label="How fast time goes"
            choices={paces.map((n) => ({ id: String(n), name: n === 1 ? 'true' : `${n} times` }))}
            value={String(pace)}
            onChange={(id) => onPace(Number(id))}
          />
          <Text soft>It sews as a machine does, with its breaks and its bobbin, and moves nothing real.</Text>
        </>
      ) : null}
    </Section>
  )
}
