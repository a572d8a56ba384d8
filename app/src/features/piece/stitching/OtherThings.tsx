import { stitch as t } from '@thimble/language/en/stitch'
import { Button } from '@rneui/themed'
import { readCount } from '@thimble/plan'
import { useState } from 'react'
import { View } from 'react-native'
import { LimitedField } from '@/ui/LimitedField'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { countText } from '@thimble/language'
import type { Course } from './useCourse'
import type { Stitching } from './useStitching'

type Props = { run: Stitching; course: Course; onClose: () => void }

/** What happens more seldom at the machine, each with one tap. */
export function OtherThings({ run, course, onClose }: Props) {
  const { by, state } = run.run
  const byHand = by === 'hand'
  const things: [title: string, does: () => void, shown: boolean][] = [
    [t('needle-broke'), () => course.broke('needle-break'), true],
    [t('nest-underneath'), () => course.broke('nest'), true],
    [t('a-fresh-bobbin-is-in'), course.freshBobbin, byHand || state !== 'sewing'],
    [t('the-next-thread-is-on'), () => course.ready('colour'), byHand && state === 'sewing'],
    [t('all-sewn'), course.allSewn, byHand && state !== 'done'],
    [t('practise-a-power-cut'), course.cutPower, !byHand && state === 'sewing'],
  ]
  return (
    <Section title={t('something-else')}>
      {things
        .filter(([, , shown]) => shown)
        .map(([title, does]) => (
          <Button
            key={title}
            type="outline"
            title={title}
            onPress={() => {
              does()
              onClose()
            }}
          />
        ))}
      {byHand && (state === 'standing' || state === 'done') ? (
        <FromStitch run={run} course={course} onClose={onClose} />
      ) : null}
      <Button type="outline" title={t('nothing')} onPress={onClose} />
    </Section>
  )
}

/** The machine’s own count is surer than the clock. */
function FromStitch({ run, course, onClose }: Props) {
  const [typed, setTyped] = useState('')
  const { value, problem } = readCount(typed)
  const most = run.program.stitches
  const beyond = value !== null && value > most ? t('there-are-stitches', { count: countText(most) }) : null
  return (
    <View style={{ gap: 8 }}>
      <LimitedField
        label={t('stitch-shown-on-your-machine')}
        most={9}
        keyboard="numeric"
        value={typed}
        problem={problem ?? beyond}
        onChange={setTyped}
      />
      <Button
        title={t('go-on-from-there')}
        disabled={value === null || beyond !== null}
        onPress={() => {
          course.goOn(0, value!)
          onClose()
        }}
      />
      <Text soft>{t('the-clock-is-an-estimate')}</Text>
    </View>
  )
}
