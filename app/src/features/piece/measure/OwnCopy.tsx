import { measure as t } from '@thimble/language/en/measure'
import { Button } from '@rneui/themed'
import type { DesignCard } from '@thimble/contract'
import { ChangeFields } from '@/shared/changing'
import { Disclosure } from '@/ui/Disclosure'
import { Text } from '@/ui/Text'
import type { PieceTools } from '../usePiece'

const NOTHING = { scale: 1, rotate: 0, mirror: 'none' } as const

type Props = { tools: Pick<PieceTools, 'piece' | 'plan' | 'set'>; card: DesignCard }

/** Scale, turn and mirror of this piece's own copy; the shelf's design stays as it is. */
export function OwnCopy({ tools: { piece, plan, set }, card }: Props) {
  const { ownChange } = piece.measure
  const { width, hull } = plan.design
  const change = ownChange ?? NOTHING
  return (
    <Disclosure title={t('scale-turn-or-mirror-it')} open={ownChange !== null}>
      <Text soft>{t('only-on-this-piece-the')}</Text>
      <ChangeFields
        design={{ source: card.source, width, hull }}
        change={change}
        before={card.change.scale}
        onChange={(over) => set({ measure: { ownChange: { ...change, ...over } } })}
      />
      {ownChange ? (
        <Button type="outline" title={t('undo-all-changes')} onPress={() => set({ measure: { ownChange: null } })} />
      ) : null}
    </Disclosure>
  )
}
