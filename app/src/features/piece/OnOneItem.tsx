import { alsoOn, kindOf } from '@thimble/plan'
import { Button } from '@rneui/themed'
import type { Piece } from '@thimble/contract'
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import { useSameAgain } from '@/shared/useSameAgain'
import { create, patch } from '@/sync/changes'
import { store } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { useSiblings } from './useSiblings'
import { nanoid } from 'nanoid'

/** The placements on one item, and the ways on to another: on the same item, or the same on the next one. */
export function OnOneItem({ piece }: { piece: Piece }) {
  const p = usePalette()
  const router = useRouter()
  const siblings = useSiblings(piece)
  const fresh = () => ({ id: nanoid(), now: new Date().toISOString() })
  // The ticket may lag behind a quick hand, so what is copied is the piece as typed this moment.
  const now = (): Piece => store.getState().shelf.docs.pieces[piece.id] ?? piece
  const another = (): void => {
    const shared = piece.item.shared ?? nanoid()
    if (!piece.item.shared) patch('pieces', piece.id, { item: { shared } })
    const next = alsoOn(now(), shared, fresh())
    create('pieces', next)
    router.push(`/piece/${next.id}`)
  }
  const copy = useSameAgain('push')
  const nameOf = (one: Piece): string =>
    kindOf(one).placements.find((r) => r.id === one.measure.placement)?.name ?? one.measure.placement
  return (
    <Section title="More of it">
      {siblings.length > 0 ? (
        <View style={{ gap: 8 }}>
          <Text soft>On the same item; what is measured here holds there, too.</Text>
          {siblings.map((one) => (
            <RowLink
              key={one.id}
              href={`/piece/${one.id}`}
              style={{
                minHeight: 44,
                justifyContent: 'center',
                borderLeftWidth: 4,
                borderLeftColor: p.indigo,
                paddingLeft: 12,
              }}
            >
              <Text bold tone="indigo">
                {nameOf(one)}
              </Text>
            </RowLink>
          ))}
        </View>
      ) : null}
      <Button type="outline" title="Another placement on this item" onPress={another} />
      <Button type="outline" title="Same again: a new piece like this" onPress={() => void copy(piece.id)} />
    </Section>
  )
}
