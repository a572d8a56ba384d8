import { beforeStart, fineThreads, type ListLine } from '@thimble/plan'
import { eventsOf } from '@thimble/plan/stitching'
import { useMemo } from 'react'
import { useDocs } from '@/state/useShelfDocs'
import { Fold } from '@/ui/Fold'
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
        <Section title="Stitched">
          <Text soft>There were no layers to make a list from.</Text>
        </Section>
      ) : null}
      {hoopings.map((hooping) => (
        <CheckedBefore
          key={hooping}
          title={hoopings.length > 1 ? `Checked before hooping ${hooping + 1}` : 'Checked before the start'}
          lines={lines.filter((line) => (line.hooping ?? 0) === hooping)}
        />
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

/** A list as it was gone through: how much of it, and behind the line all of it. */
function CheckedBefore({ title, lines }: { title: string; lines: readonly ListLine[] }) {
  const skipped = lines.filter(({ ticked }) => !ticked).length
  return (
    <Fold title={title} answer={skipped > 0 ? `${skipped} of ${lines.length} skipped` : `all ${lines.length}`}>
      <DecidedList lines={lines} />
    </Fold>
  )
}
