import { piece as t } from '@thimble/language/en/piece'
import type { Piece } from '@thimble/contract'
import { useRouter } from 'expo-router'
import { Pressable } from 'react-native'
import { OfOrder } from '@/shared/orderParts'
import { remove } from '@/sync/changes'
import { Fold } from '@/ui/Fold'
import { Text } from '@/ui/Text'
import { dayText } from '@/words/dates'
import { OnOneItem } from './OnOneItem'
import { PieceName } from './PieceName'

/** What the piece is called and belongs to, and the ways on to more of it. */
export function AboutPiece({ piece }: { piece: Piece }) {
  const router = useRouter()
  return (
    <Fold title={t('this-piece')} answer={piece.due ? t('due', { day: dayText(piece.due) }) : piece.customer}>
      <OfOrder part="OfLine" piece={piece} />
      <PieceName piece={piece} />
      <OnOneItem piece={piece} />
      <Pressable
        role="button"
        style={{ minHeight: 44, justifyContent: 'center' }}
        onPress={() => {
          remove('pieces', piece.id, piece.name)
          router.replace('/')
        }}
      >
        <Text tone="madder">{t('remove-this-piece')}</Text>
      </Pressable>
    </Fold>
  )
}
