import { type Piece, type StageId, stageIds } from '@thimble/contract'
import { stageAt } from '@thimble/plan'
import { useMemo } from 'react'
import { View } from 'react-native'
import { stageNames } from '@/ui/ThreadLine'
import { usePalette } from '@/theme/PaletteProvider'
import { Page } from '@/ui/Page'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Heading, Words } from '@/ui/Words'
import { useShelf } from '@/state/store'
import { useDocs } from '@/state/useShelfDocs'
import { ALL, type Run, runsOf } from './runsOf'

export function RunsPage() {
  const pieces = useDocs('pieces')
  const loaded = useShelf((s) => s.loaded)
  const runs = useMemo(() => runsOf(pieces), [pieces])
  return (
    <Page title="Runs">
      <Section says="Pieces in work that share customer, item and design: measure, thread and hoop them together.">
        {runs.length > 0 ? (
          <RowLink href={`/runs/${ALL}`} style={{ minHeight: 44, justifyContent: 'center' }}>
            <Words bold tone="indigo">
              The whole bench in one order
            </Words>
          </RowLink>
        ) : null}
      </Section>
      {runs.map((run) => (
        <RunCard key={run.key} run={run} />
      ))}
      {runs.length === 0 && loaded ? (
        <Section>
          <Words>No piece in work has a customer yet. Give one at the foot of a piece’s ticket.</Words>
        </Section>
      ) : null}
    </Page>
  )
}

function RunCard({ run }: { run: Run }) {
  const p = usePalette()
  const at = stageIds.map((stage): [StageId, Piece[]] => [stage, run.pieces.filter((x) => stageAt(x) === stage)])
  return (
    <View
      style={{
        backgroundColor: p.paper,
        borderTopWidth: 1,
        borderTopColor: p.seam,
        paddingHorizontal: 16,
        paddingVertical: 12,
        marginTop: 12,
        gap: 8,
      }}
    >
      <Heading level={2}>{run.customer}</Heading>
      <RowLink href={`/runs/${encodeURIComponent(run.key)}`} style={{ minHeight: 44, justifyContent: 'center' }}>
        <Words bold tone="indigo">
          Order of work and what to cut
        </Words>
      </RowLink>
      <Words>{`${run.pieces.length} ${run.pieces.length === 1 ? 'piece' : 'pieces'}: ${at
        .filter(([, list]) => list.length > 0)
        .map(([stage, list]) => `${list.length} at ${stageNames[stage].toLowerCase()}`)
        .join(', ')}`}</Words>
      {run.pieces.map((piece) => (
        <RowLink
          key={piece.id}
          href={`/piece/${piece.id}`}
          style={{
            minHeight: 44,
            flexDirection: 'row',
            alignItems: 'center',
            justifyContent: 'space-between',
            gap: 12,
            borderTopWidth: 1,
            borderTopColor: p.seam,
          }}
        >
          <Words style={{ flex: 1 }}>{`${piece.name}${piece.run ? `, ${piece.run}` : ''}`}</Words>
          <Words soft>{stageNames[stageAt(piece)]}</Words>
        </RowLink>
      ))}
    </View>
  )
}
