import { Button } from '@rneui/themed'
import type { SavedItem } from '@thimble/contract'
import { customItem, customKindId, itemGroups, type ItemKind, itemKinds } from '@thimble/core/placement'
import type { ClothFamily } from '@thimble/core/recipe'
import { newPiece } from '@thimble/plan'
import { useRouter } from 'expo-router'
import { useCallback, useMemo } from 'react'
import { useWatch } from 'react-hook-form'
import { View } from 'react-native'
import { FormChoices, FormField } from '@/forms/FormField'
import { useDraftForm } from '@/forms/useDraftForm'
import { create } from '@/state/changes'
import { useNamed } from '@/state/useShelfDocs'
import { Opener } from '@/ui/Opener'
import { Page } from '@/ui/Page'
import { Section } from '@/ui/Section'
import { Heading, Words } from '@/ui/Words'
import { itemGroupNames } from '@/words/itemGroupNames'
import { KindTile } from './KindTile'
import { PastPieces } from './PastPieces'

/** An item to start from; `own`: one of the worker's, with its outline. */
type Entry = { id: string; kind: ItemKind; own?: SavedItem }
type Texts = Record<'kind' | 'placement' | 'name' | 'customer' | 'find', string>

const blank: Texts = { kind: itemKinds[0]!.id, placement: '', name: '', customer: '', find: '' }

function useEntries(): Entry[] {
  const own = useNamed('items')
  return useMemo(
    () => [
      ...itemKinds.map((kind) => ({ id: kind.id, kind })),
      ...own.map((item) => ({ id: item.id, kind: customItem(item), own: item })),
    ],
    [own],
  )
}

function startPiece({ kind, own }: Entry, placement: string, { name, customer }: Texts) {
  return newPiece({
    id: crypto.randomUUID(),
    name: name.trim() || kind.name,
    createdAt: new Date().toISOString(),
    item: {
      kind: own ? customKindId : kind.id,
      size: kind.usualSize,
      own: own ? { name: own.name, edges: own.edges, lines: own.lines, strips: own.strips } : null,
    },
    placement,
    family: kind.usualCloth as ClothFamily,
    customer: customer.trim(),
  })
}

/** Characters of a name. */
const MOST = 120
const FOR_WHOM = 'A customer, or yourself'

/** A new piece from an item kind, from an item of one's own, or from a past piece. */
export function NewPiecePage() {
  const router = useRouter()
  const entries = useEntries()
  const form = useDraftForm('piece', blank)
  const { control, setValue } = form
  const texts = useWatch({ control }) as Texts
  const chosen = entries.find((k) => k.id === texts.kind) ?? entries[0]!
  const { kind } = chosen
  const placement = kind.placements.find((p) => p.id === texts.placement)?.id ?? kind.placements[0]!.id
  const pick = useCallback((id: string) => setValue('kind', id), [setValue])
  const long = [texts.name, texts.customer].some((text) => text.length > MOST)
  const putOnBench = (): void => {
    const piece = startPiece(chosen, placement, texts)
    create('pieces', piece)
    form.forget()
    router.replace(`/piece/${piece.id}`)
  }
  return (
    <Page
      title="New piece"
      back
      foot={<Button title={`Start measuring: ${kind.name.toLowerCase()}`} disabled={long} onPress={putOnBench} />}
    >
      <Section>
        <Opener title="Same again, from a past piece">
          <PastPieces />
        </Opener>
      </Section>
      <Section title="What is it">
        <FormField control={control} name="find" label="Find an item" placeholder="towel" longest={40} />
        <KindGroups entries={entries} find={texts.find} chosen={chosen.id} onPick={pick} />
        {chosen.own ? (
          <Button
            type="outline"
            title={`Change ${kind.name.toLowerCase()}`}
            onPress={() => router.push(`/items/${chosen.id}`)}
          />
        ) : null}
        <Button type="outline" title="Make an item of your own" onPress={() => router.push('/items/new')} />
      </Section>
      <Section title="Where does it go">
        <FormChoices
          control={control}
          name="placement"
          label="Placement"
          choices={kind.placements}
          chosen={placement}
        />
      </Section>
      <Section title="What is it called">
        <FormField control={control} name="name" label="Name" placeholder={kind.name} longest={MOST} />
        <FormField control={control} name="customer" label="For whom" placeholder={FOR_WHOM} longest={MOST} />
      </Section>
    </Page>
  )
}

type Groups = { entries: Entry[]; find: string; chosen: string; onPick: (id: string) => void }

function KindGroups({ entries, find, chosen, onPick }: Groups) {
  const words = find.trim().toLowerCase()
  const found = entries.filter(({ kind }) => `${kind.name} ${itemGroupNames[kind.group]}`.toLowerCase().includes(words))
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
