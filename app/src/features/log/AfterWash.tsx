import { verdictNames } from '@thimble/language'
import { log as t } from '@thimble/language/en/log'
import type { Piece } from '@thimble/contract'
import { verdicts } from '@thimble/core/outcomes'
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
    <Section title={t('after-the-wash')} says={washed === 'open' ? t('part-of-the-backing-washes') : undefined}>
      <Choices
        label={t('how-it-looks')}
        choices={choices}
        value={washed === 'open' ? null : washed}
        onChange={(looks) => patch('pieces', piece.id, { finish: { washed: { at: new Date().toISOString(), looks } } })}
      />
    </Section>
  )
}
