import { stitch as t } from '@thimble/language/en/stitch'
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
    <Section title={t('machine')}>
      <Choices
        label={t('the-machine')}
        choices={[
          { id: 'hand', name: t('i-log-it-by-hand') },
          { id: 'machine', name: t('practice-machine') },
        ]}
        value={who}
        onChange={onWho}
      />
      {who === 'machine' ? (
        <>
          <PaceOfTime pace={pace} onPace={onPace} />
          <Text soft>{t('it-acts-like-a-machine')}</Text>
        </>
      ) : null}
    </Section>
  )
}

/** How fast the practice machine's time goes, before it sews and while it does. */
export const PaceOfTime = ({ pace, onPace }: Pick<Props, 'pace' | 'onPace'>) => (
  <Choices
    label={t('practice-speed')}
    choices={paces.map((n) => ({ id: String(n), name: t('real-time-times', { n }) }))}
    value={String(pace)}
    onChange={(id) => onPace(Number(id))}
  />
)
