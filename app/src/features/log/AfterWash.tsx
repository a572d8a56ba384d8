import type { Piece } from '@thimble/contract'
import { verdictNames, verdicts } from '@thimble/core/outcomes'
import { logRowOf } from '@thimble/plan'
import { patch } from '@/sync/changes'
import { Choices } from '@/ui/Choices'
import { Section } from '@/ui/Section'

const choices = verdicts.map((id) => ({ id, name: verdictNames[id] }))

/** How a piece looks once it was washed, where its backing dissolves or tears away; until then its verdict is open. */
export function AfterWash({ piece }: { piece: Piece }) {
  const washed = logRowOf(piece)?.washed ?? null
  if (!washed) return null
  return (
    <Section
      title="After the wash"
      says={washed === 'open' ? 'Part of the backing washes out. How does it look now?' : undefined}
    >
      <Choices
        label="How it looks"
        choices={choices}
        value={washed === 'open' ? null : washed}
        onChange={(looks) => patch('pieces', piece.id, { finish: { washed: { at: new Date().toISOString(), looks } } })}
      />
    </Section>
  )
}
