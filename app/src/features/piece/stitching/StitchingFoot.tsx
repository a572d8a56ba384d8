import { stitch as t } from '@thimble/language/en/stitch'
import { Button } from '@rneui/themed'
import { blockAt } from '@thimble/core/sewing'
import { View } from 'react-native'
import { useNamed } from '@/state/useShelfDocs'
import { usePalette } from '@/theme/PaletteProvider'
import { threadFor } from '@/words/threadWords'
import { ClothHalt } from './ClothHalt'
import { MachineStopped } from './MachineStopped'
import type { Course } from './useCourse'
import type { Stitching } from './useStitching'

type Props = { run: Stitching; stitch: number; course: Course; onOther: () => void; onDone: () => void; last: boolean }

/** What the thumb may do this moment: the stop is always there while the needle goes. */
export function StitchingFoot({ run, stitch, course, onOther, onDone, last }: Props) {
  const { state } = run.run
  if (state === 'ready') return <Ready run={run} course={course} />
  if (state === 'done')
    return (
      <View style={{ gap: 10 }}>
        <Button title={last ? t('stitched-go-to-finish') : t('next-hooping')} onPress={onDone} />
        {run.run.by === 'hand' ? <Button type="outline" title={t('not-done-yet')} onPress={onOther} /> : null}
      </View>
    )
  if (state === 'standing') return <MachineStopped {...{ run, course, onOther }} />
  return <Going {...{ run, stitch, course, onOther }} />
}

function Ready({ run, course }: Pick<Props, 'run' | 'course'>) {
  const tracing = run.linked?.now.state === 'tracing'
  return (
    <View style={{ gap: 10 }}>
      <Button title={t('start')} disabled={course.busy || tracing} onPress={course.start} />
      {course.trace ? (
        <Button
          type="outline"
          title={tracing ? t('tracing-hands-clear') : t('trace-first')}
          disabled={course.busy || tracing}
          onPress={course.trace}
        />
      ) : null}
    </View>
  )
}

function Going({ run, stitch, course, onOther }: Omit<Props, 'onDone' | 'last'>) {
  const p = usePalette()
  const red = { backgroundColor: p.madder, borderColor: p.madder }
  return (
    <View style={{ gap: 12 }}>
      <Awaited {...{ run, stitch, course }} />
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Third title={t('thread-broke')} onPress={() => course.broke('thread-break')} />
        <Third title={t('cloth-shifted')} onPress={course.shifted} />
        <Third title={t('other')} onPress={onOther} />
      </View>
      <Button title={t('stop-here')} buttonStyle={red} disabled={course.busy} onPress={course.stop} />
    </View>
  )
}

function Third({ title, onPress }: { title: string; onPress: () => void }) {
  return (
    <View style={{ flex: 1 }}>
      <Button
        type="outline"
        title={title}
        buttonStyle={{ paddingHorizontal: 4 }}
        titleStyle={{ fontSize: 15 }}
        onPress={onPress}
      />
    </View>
  )
}

/** A run that is tapped along comes by the clock to a halt, or to its end: then that is asked. */
function Awaited({ run, stitch, course }: Pick<Props, 'run' | 'stitch' | 'course'>) {
  const threads = useNamed('threads')
  const { program, run: soFar } = run
  if (soFar.by === 'machine') return null
  if (stitch >= program.stitches) return <Button title={t('all-sewn')} onPress={course.allSewn} />
  const block = program.blocks.find(({ to, halt }, i) => halt && to === stitch && i >= soFar.ready)
  if (!block) return null
  if (block.cloth) return <ClothHalt {...{ run, course, stitch, block }} />
  const next = program.blocks[blockAt(program, stitch)]!
  return (
    <Button
      title={t('is-on', { threadFor: threadFor(next.colour, threads, run.sewing.spools) })}
      onPress={() => course.ready('colour')}
    />
  )
}
