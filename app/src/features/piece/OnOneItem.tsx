import { writeName } from '@thimble/language'
import { piece as t } from '@thimble/language/en/piece'
import { Button } from '@rneui/themed'
import type { Piece } from '@thimble/contract'
import { alsoOn, kindOf } from '@thimble/plan'
import { alongside, cornerPlaces, pairPlace } from '@thimble/plan/alongside'
import { useRouter } from 'expo-router'
import { nanoid } from 'nanoid'
import { View } from 'react-native'
import { useSameAgain } from '@/shared/useSameAgain'
import { useSiblings } from '@/state/siblings'
import { store } from '@/state/store'
import { create, patch } from '@/sync/changes'
import { usePalette } from '@/theme/PaletteProvider'
import { RowLink } from '@/ui/RowLink'
import { Section } from '@/ui/Section'
import { Text } from '@/ui/Text'
import { AlikeSet } from './AlikeSet'

const fresh = () => ({ id: nanoid(), now: new Date().toISOString() })

/** The placement with which of its sides or corners it is. */
function placeName(piece: Piece): string {
  const { placement, choices } = piece.measure
  const rule = kindOf(piece).placements.find(({ id }) => id === placement)
  const named = rule?.choices?.filter(({ id }) => id === 'side' || id === 'corner') ?? []
  const which = named.map(({ id, choices: all, usual }) => all.find((one) => one.id === (choices[id] ?? usual))?.name)
  return [rule?.name ?? { own: placement }, ...which].flatMap((name) => (name ? [writeName(name)] : [])).join(', ')
}

/** The placements on one item, and the ways on to more: on the same item, or the same on the next one. */
export function OnOneItem({ piece }: { piece: Piece }) {
  const router = useRouter()
  const copy = useSameAgain('push')
  const [pair, corners] = [pairPlace(piece), cornerPlaces(piece)]
  // The ticket may lag behind a quick hand, so what is copied is the piece as typed this moment.
  const now = (): Piece => store.getState().shelf.docs.pieces[piece.id] ?? piece
  /** Puts more placements on the item, and goes to the first of them. */
  const add = (made: (from: Piece, shared: string) => Piece[]): void => {
    const shared = piece.item.shared ?? nanoid()
    if (!piece.item.shared) patch('pieces', piece.id, { item: { shared } })
    const more = made(now(), shared)
    for (const one of more) create('pieces', one)
    router.push(`/piece/${more[0]!.id}`)
  }
  return (
    <Section title={t('more-like-this')}>
      <Siblings piece={piece} />
      {pair ? (
        <Button
          type="outline"
          title={t('make-a-pair-the-other')}
          onPress={() => add((from, shared) => [alongside(from, pair, shared, fresh())])}
        />
      ) : null}
      {corners.length > 0 ? (
        <Button
          type="outline"
          title={t('add-the-other-three-corners')}
          onPress={() => add((from, shared) => corners.map((place) => alongside(from, place, shared, fresh())))}
        />
      ) : null}
      <Button
        type="outline"
        title={t('add-a-placement-on-this')}
        onPress={() => add((from, shared) => [alsoOn(from, shared, fresh())])}
      />
      <Button type="outline" title={t('same-again')} onPress={() => void copy(piece.id)} />
      <AlikeSet piece={piece} now={now} />
    </Section>
  )
}

function Siblings({ piece }: { piece: Piece }) {
  const p = usePalette()
  const siblings = useSiblings(piece)
  if (siblings.length === 0) return null
  const edge = { borderLeftWidth: 4, borderLeftColor: p.indigo, paddingLeft: 12 }
  return (
    <View style={{ gap: 8 }}>
      <Text soft>{t('also-on-this-item-shared')}</Text>
      {siblings.map((one) => (
        <RowLink key={one.id} href={`/piece/${one.id}`} style={{ minHeight: 44, justifyContent: 'center', ...edge }}>
          <Text bold tone="indigo">
            {placeName(one)}
          </Text>
        </RowLink>
      ))}
    </View>
  )
}
