import { Button } from '@rneui/themed'
import { blankPiece } from '@thimble/contract'
import type { ClothFamily } from '@thimble/core/recipe/clothFacts'
import { customItem, customKindId } from '@thimble/core/placement/customItem'
import { itemGroups, type ItemKind } from '@thimble/core/placement/itemKind'
import { itemKinds } from '@thimble/core/placement/itemKinds'
import { useRouter } from 'expo-router'
import { useCallback, useMemo } from 'react'
import { View } from 'react-native'
import { create, useShelf } from '@/state/store'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { Opener } from '@/ui/Opener'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Heading, Words } from '@/ui/Words'
import { useDraft } from '../stash/useDraft'
import { useNamed } from '../useShelfDocs'
import { itemGroupNames } from './itemGroupNames'
import { KindTile } from './KindTile'
import { PastPieces } from './PastPieces'

/** A new piece from an item kind, from an item of one's own, or from a past piece. */
export function NewPiecePage() {
  const router = useRouter()
  const unit = useShelf((s) => s.shop.unit)
  const own = useNamed('items')
  const { texts, type, forget } = useDraft('piece', {
    kind: itemKinds[0]!.id,
    placement: '',
    name: '',
    customer: '',
    find: '',
  })
  const kinds = useMemo(
    () => [
      ...itemKinds.map((kind) => ({ id: kind.id, kind })),
      ...own.map((item) => ({ id: item.id, kind: customItem(item) })),
    ],
    [own],
  )
  const chosen = kinds.find((k) => k.id === texts.kind) ?? kinds[0]!
  const { kind } = chosen
  const placement = kind.placements.find((p) => p.id === texts.placement)?.id ?? kind.placements[0]!.id
  const pick = useCallback((id: string) => type('kind', id), [type])

  const begin = (): void => {
    const id = crypto.randomUUID()
    const mine = own.find((item) => item.id === chosen.id)
    const piece = blankPiece({
      id,
      name: texts.name.trim() || kind.name,
      createdAt: new Date().toISOString(),
      itemKind: mine ? customKindId : kind.id,
      size: kind.usualSize,
      placement,
      family: kind.usualCloth as ClothFamily,
      unit,
    })
    const outline = mine ? { name: mine.name, edges: mine.edges, lines: mine.lines, strips: mine.strips } : null
    create('pieces', { ...piece, customItem: outline, customer: texts.customer.trim() })
    forget()
    router.replace(`/piece/${id}`)
  }
  return (
    <Page
      title="New piece"
      back
      foot={<Button title={`Start measuring: ${kind.name.toLowerCase()}`} onPress={begin} />}
    >
      <Section>
        <Opener title="Same again, from a past piece">
          <PastPieces />
        </Opener>
      </Section>
      <Section title="What is it">
        <Field
          label="Find an item"
          value={texts.find}
          placeholder="towel"
          onChange={(text) => type('find', text.slice(0, 40))}
        />
        <KindGroups kinds={kinds} find={texts.find} chosen={chosen.id} onPick={pick} />
        {own.some((item) => item.id === chosen.id) ? (
          <Button
            type="outline"
            title={`Change ${kind.name.toLowerCase()}`}
            onPress={() => router.push(`/items/${chosen.id}`)}
          />
        ) : null}
        <Button type="outline" title="Make an item of your own" onPress={() => router.push('/items/new')} />
      </Section>
      <Section title="Where does it go">
        <Choices
          label="Placement"
          choices={kind.placements}
          value={placement}
          onChange={(id) => type('placement', id)}
        />
      </Section>
      <Section title="What is it called">
        <Field
          label="Name"
          value={texts.name}
          onChange={(text) => type('name', text.slice(0, 120))}
          placeholder={kind.name}
        />
        <Field
          label="For whom"
          value={texts.customer}
          onChange={(text) => type('customer', text.slice(0, 120))}
          placeholder="A customer, or yourself"
        />
      </Section>
    </Page>
  )
}

type Entry = { id: string; kind: ItemKind }

function KindGroups({
  kinds,
  find,
  chosen,
  onPick,
}: {
  kinds: Entry[]
  find: string
  chosen: string
  onPick: (id: string) => void
}) {
  const words = find.trim().toLowerCase()
  const found = kinds.filter(({ kind }) => `${kind.name} ${itemGroupNames[kind.group]}`.toLowerCase().includes(words))
  if (found.length === 0)
    return <Words>{`Nothing here is called “${find.trim()}”; make it an item of your own.`}</Words>
  return (
    <View role="radiogroup" aria-label="What is it" style={{ gap: 14 }}>
      {itemGroups.map((group) => {
        const here = found.filter(({ kind }) => kind.group === group)
        if (here.length === 0) return null
        return (
          <View key={group} style={{ gap: 8 }}>
            <Heading level={3}>{itemGroupNames[group]}</Heading>
            <View style={{ flexDirection: 'row', gap: 8, flexWrap: 'wrap' }}>
              {here.map(({ id, kind }) => (
                <KindTile key={id} id={id} kind={kind} on={id === chosen} onPress={onPick} />
              ))}
            </View>
          </View>
        )
      })}
    </View>
  )
}
