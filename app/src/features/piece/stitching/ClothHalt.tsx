import { stitch as t } from '@thimble/language/en/stitch'
import { Button } from '@rneui/themed'
import { blockAt, type SewBlock } from '@thimble/core/sewing'
import { View } from 'react-native'
import { useNamed } from '@/state/useShelfDocs'
import { Text } from '@/ui/Text'
import { haltDone, haltSays } from '@/words/patchWords'
import { threadFor } from '@/words/threadWords'
import type { Course } from './useCourse'
import type { Stitching } from './useStitching'

type Props = { run: Stitching; course: Course; stitch: number; block: SewBlock }

/** The machine stands for the cloth of a patch: which is laid or trimmed, which thread comes next, and that it is done. */
export function ClothHalt({ run, course, stitch, block }: Props) {
  const threads = useNamed('threads')
  const { program, sewing } = run
  const cloth = block.cloth ?? { lay: [], trim: [] }
  const { colour } = program.blocks[blockAt(program, stitch)]!
  const changes = colour !== block.colour && sewing.changesItself === null
  const thread = changes ? threadFor(colour, threads, sewing.spools) : null
  return (
    <View style={{ gap: 10 }}>
      {haltSays(cloth).map((text) => (
        <Text bold key={text} style={{ fontSize: 18, lineHeight: 25 }}>
          {text}
        </Text>
      ))}
      {thread ? <Text>{t('then-thread', { thread })}</Text> : null}
      <Button
        title={haltDone(cloth, thread)}
        disabled={course.busy}
        onPress={() => course.ready(block.halt === 'lay' ? 'laid' : 'trimmed')}
      />
    </View>
  )
}
