import { Button } from '@rneui/themed'
import { blankPiece } from '@thimble/contract'
import type { ClothFamily } from '@thimble/core/recipe/clothFacts'
import { itemKinds } from '@thimble/core/placement/itemKinds'
import { useRouter } from 'expo-router'
import { Pressable, View } from 'react-native'
import { ItemThumb } from '@/drawing/ItemThumb'
import { create, useShelf } from '@/state/store'
import { usePalette } from '@/theme/PaletteProvider'
import { Choices } from '@/ui/Choices'
import { Field } from '@/ui/Field'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Words } from '@/ui/Words'
import { useDraft } from '../stash/useDraft'

/** A new piece from an item kind: what it is, where the design goes, and what it is called. */
export function NewPiecePage() {
  const router = useRouter()
  const unit = useShelf((s) => s.shop.unit)
  const draft = useDraft('piece', { kind: itemKinds[0]!.id, placement: '', name: '', customer: '' })
  const { name, customer } = draft.texts
  const kind = itemKinds.find((k) => k.id === draft.texts.kind) ?? itemKinds[0]!
  const placement = kind.placements.find((p) => p.id === draft.texts.placement)?.id ?? kind.placements[0]!.id

  const begin = (): void => {
    const id = crypto.randomUUID()
    const piece = blankPiece({
      id,
      name: name.trim() || kind.name,
      createdAt: new Date().toISOString(),
      itemKind: kind.id,
      size: kind.usualSize,
      placement,
      family: kind.usualCloth as ClothFamily,
      unit,
    })
    create('pieces', { ...piece, customer: customer.trim() })
    draft.forget()
    router.replace(`/piece/${id}`)
  }
  return (
    <Page title="New piece" back foot={<Button title="Start measuring" onPress={begin} />}>
      <Section title="What is it">
        <View role="radiogroup" aria-label="What is it" style={{ flexDirection: 'row', gap: 10, flexWrap: 'wrap' }}>
          {itemKinds.map((k) => (
            <KindTile
              key={k.id}
              id={k.id}
              name={k.name}
              size={k.usualSize}
              on={k.id === kind.id}
              onPress={() => draft.type('kind', k.id)}
            />
          ))}
        </View>
      </Section>
      <Section title="Where does it go">
        <Choices
          label="Placement"
          choices={kind.placements}
          value={placement}
          onChange={(id) => draft.type('placement', id)}
        />
      </Section>
      <Section title="What is it called">
        <Field
          label="Name"
          value={name}
          onChange={(text) => draft.type('name', text.slice(0, 120))}
          placeholder={kind.name}
        />
        <Field
          label="For whom"
          value={customer}
          onChange={(text) => draft.type('customer', text.slice(0, 120))}
          placeholder="A customer, or yourself"
        />
      </Section>
    </Page>
  )
}

function KindTile({
  id,
  name,
  size,
  on,
  onPress,
}: {
  id: string
  name: string
  size: string
  on: boolean
  onPress: () => void
}) {
  const p = usePalette()
  return (
    <Pressable
      role="radio"
      aria-checked={on}
      aria-label={name}
      onPress={onPress}
      style={{
        flexGrow: 1,
        flexBasis: 96,
        alignItems: 'center',
        gap: 6,
        padding: 12,
        backgroundColor: p.paper,
        borderRadius: 4,
        borderWidth: on ? 2 : 1,
        margin: on ? 0 : 1,
        borderColor: on ? p.indigo : p.seam,
      }}
    >
      <ItemThumb kind={id} size={size} colour={on ? '#2c4a7a' : '#e8e2d4'} px={76} />
      <Words bold={on} tone={on ? 'indigo' : undefined}>
        {name}
      </Words>
    </Pressable>
  )
}
