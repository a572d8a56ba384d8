import { writeName } from '@thimble/language'
import { measure as t } from '@thimble/language/en/measure'
import { itemKinds } from '@thimble/core/placement'
import { otherItem } from '@thimble/plan'
import { choicesOf } from '@/words/choicesOf'
import { Choices } from '@/ui/Choices'
import type { PieceTools } from '../usePiece'

const kinds = choicesOf(itemKinds)

/** What the piece is; another thing after all is chosen here, with a way back. */
export function ItemLine({ tools: { piece, plan, set } }: { tools: PieceTools }) {
  const { kind } = plan
  const own = piece.item.own !== null
  return (
    <Choices
      label={t('item')}
      long
      choices={own ? [{ id: piece.item.kind, name: writeName(kind.name) }, ...kinds] : kinds}
      value={piece.item.kind}
      onChange={(id) => {
        const next = itemKinds.find((k) => k.id === id)
        if (next && id !== piece.item.kind)
          set(otherItem(piece, next), t('now-a', { name: writeName(next.name).toLowerCase() }))
      }}
    />
  )
}
