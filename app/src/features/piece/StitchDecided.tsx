import { beforeStart, fineThreads } from '@thimble/plan'
import { eventsOf } from '@thimble/plan/stitching'
import { useMemo } from 'react'
import { useDocs } from '@/state/useShelfDocs'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { DecidedList } from './DecidedList'
import { RunStory } from '@/shared/inRecords'
import type { DecidedProps } from './StageProps'
import { ThreadsInOrder } from './ThreadsInOrder'
import { useBuilt } from './usePiece'

/** The lists before the start as they stood when the piece was stitched, and what happened at the machine. */
export function StitchDecided({ tools }: DecidedProps) {
  const built = useBuilt(tools)
  const { id } = tools.piece
  const lines = beforeStart(tools.piece, built)
  const hoopings = [...new Set(lines.map(({ hooping = 0 }) => hooping))]
  const all = useDocs('runEvents')
  const events = useMemo(() => eventsOf(all, id), [all, id])
  return (
    <>
      {lines.length === 0 ? (
        <Section title="Before the start">
          <Text soft>There was no stack to make a list from.</Text>
        </Section>
      ) : null}
      {hoopings.map((hooping) => (
        <Section
          key={hooping}
          title={hoopings.length > 1 ? `Before the start of hooping ${hooping + 1}` : 'Before the start'}
        >
          <DecidedList lines={lines.filter((line) => (line.hooping ?? 0) === hooping)} />
        </Section>
      ))}
      <RunStory events={events} />
      <ThreadsInOrder
        colours={tools.piece.stitch.kept[0]?.colours ?? []}
        patches={tools.marked.design.patches}
        spools={tools.piece.build.spools}
        fine={fineThreads(built)}
      />
    </>
  )
}
