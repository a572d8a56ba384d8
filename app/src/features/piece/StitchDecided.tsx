import { stitch as t } from '@thimble/language/en/stitch'
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
        <Section title={t('stitched')}>
          <Text soft>{t('there-were-no-layers-to')}</Text>
        </Section>
      ) : null}
      {hoopings.map((hooping) => (
        <CheckedBefore
          key={hooping}
          title={
            hoopings.length > 1 ? t('checked-before-hooping', { hooping: hooping + 1 }) : t('checked-before-the-start')
          }
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
    <Fold
      title={title}
      answer={skipped > 0 ? t('of-skipped', { skipped, lines: lines.length }) : t('all', { lines: lines.length })}
    >
      <DecidedList lines={lines} />
    </Fold>
  )
}
