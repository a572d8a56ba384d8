import { stitch as t } from '@thimble/language/en/stitch'
import { Button } from '@rneui/themed'
import { blockAt } from '@thimble/core/sewing'
import { useState } from 'react'
import { View } from 'react-native'
import { useNamed } from '@/state/useShelfDocs'
import { Text } from '@/ui/Text'
import { threadFor } from '@/words/threadWords'
import { countText } from '@thimble/language'
import { ClothHalt } from './ClothHalt'
import type { Course } from './useCourse'
import type { Stitching } from './useStitching'

type Props = { run: Stitching; course: Course; onOther: () => void }

/** Stitches one goes back after a break (craft.md section 8). */
const [LEAST_BACK, USUAL_BACK, MOST_BACK] = [5, 8, 10]
const backAfter: readonly string[] = ['thread-break', 'needle-break', 'nest', 'bobbin-out']

/** The needle stands: what it waits for, and going on again. */
export function MachineStopped({ run, course, onOther }: Props) {
  const { program, run: soFar, linked } = run
  const threads = useNamed('threads')
  const { why, stitch } = soFar
  if (why === 'waiting') {
    const { colour } = program.blocks[blockAt(program, stitch)]!
    return (
      <Button
        title={t('is-on', { threadFor: threadFor(colour, threads, run.sewing.spools) })}
        disabled={course.busy}
        onPress={() => course.ready('colour')}
      />
    )
  }
  if (why === 'halt') {
    const block = program.blocks.find(({ to, halt }) => to === stitch && halt)
    if (block) return <ClothHalt {...{ run, course, stitch, block }} />
  }
  const empty = why === 'bobbin-out' && (linked ? linked.now.bobbinM === 0 : soFar.bobbins.at(-1)?.stitch !== stitch)
  if (empty) return <Button title={t('a-fresh-bobbin-is-in')} disabled={course.busy} onPress={course.freshBobbin} />
  return <GoOn {...{ run, course, onOther }} />
}

function GoOn({ run, course, onOther }: Props) {
  const { why, stitch } = run.run
  const goesBack = why !== null && backAfter.includes(why)
  const [back, setBack] = useState(USUAL_BACK)
  const by = goesBack ? back : 0
  return (
    <View style={{ gap: 10 }}>
      {goesBack ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
          <Button
            type="outline"
            title="−"
            accessibilityLabel={t('one-stitch-less-back')}
            disabled={back <= LEAST_BACK}
            onPress={() => setBack(back - 1)}
          />
          <Text style={{ flex: 1, textAlign: 'center' }}>{t('stitches-back', { back })}</Text>
          <Button
            type="outline"
            title="+"
            accessibilityLabel={t('one-stitch-more-back')}
            disabled={back >= MOST_BACK}
            onPress={() => setBack(back + 1)}
          />
        </View>
      ) : null}
      <Button
        title={t('go-on-from-stitch', { count: countText(Math.max(0, stitch - by)) })}
        disabled={course.busy}
        onPress={() => course.goOn(by)}
      />
      <Button type="outline" title={t('something-else')} onPress={onOther} />
    </View>
  )
}
